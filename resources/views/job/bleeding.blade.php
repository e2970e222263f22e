<h2>Bleeding</h2>
<div class="card">
    <div class="fields">
        @foreach (['hydraulics.fluid_wanted', 'hydraulics.fluid', 'hydraulics.school'] as $key)
            @reading($key)
        @endforeach
    </div>
    <span hidden data-ticks="t[bleed]" data-address="{{ $entries->links->to($station) }}" hx-include="this"
        hx-sync="#work:queue all" hx-params="t[bleed]"></span>
    <p class="refusal" role="alert" data-said-of="t[bleed]" hidden>Not kept: no connection. Press it again.</p>
    @piece('draw-bleeding', 'div', ['class' => 'mt-3']) @include('drawings.bleeding') @endpiece
    <div class="fields mt-3">@reading('hydraulics.proof')</div>
</div>
@include('set.fold', [
    'name' => 'air', 'title' => 'Air in the line', 'what' => 'the pedal against a blocked slave, and how much air that is',
])
