<div class="card">
    <div class="fields">
        @foreach ($keys as $key)
            @continue($key === 'hydraulics.proof')
            @reading($key)
        @endforeach
    </div>
    <span hidden data-ticks="t[bleed]" data-address="{{ $entries->links->to($station) }}" hx-include="this"
        hx-sync="#work:queue all" hx-params="t[bleed]"></span>
    <p class="refusal" role="alert" data-said-of="t[bleed]" hidden>Not kept: no connection. Press it again.</p>
    @piece('draw-bleeding', 'div', ['class' => 'mt-2']) @include('drawings.bleeding') @endpiece
    <div class="fields mt-2">@reading('hydraulics.proof')</div>
</div>
