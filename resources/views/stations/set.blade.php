@include('job.carried')
<x-station-form :page="$page" :station="$station">
    @if ($at->isTruck)
        <h2>Brake, bearing, fork, pedal</h2>
        <p class="soft small mb-2">The brake first: it is the reference.</p>
        <div class="fig plain-top"><div class="draw">@piece('draw-truck', 'div') @include('drawings.truck') @endpiece</div></div>
        <div class="fields card mt-2">
            @foreach ([...$at->truck, 'truck.brake_squeeze'] as $key)
                @reading($key)
            @endforeach
        </div>
        <x-as-left :page="$page" :entries="$entries" part="truck" :keys="$at->truck">
            Adjusted, locked, then read all three once more. From then on only these count; what was found stays on the record.
        </x-as-left>
    @endif
    @if ($page->sheet->isTwoStage())
        <h2>Two stages, one pedal</h2>
        <div class="fig plain-top"><div class="draw">@include('drawings.fresh', ['name' => 'two-stage'])</div></div>
        <p class="small soft my-2">Just enough air at the stop bolt, never all the pedal can give, or the springs are overworked and the
            clutch slips within a season.</p>
        <div class="fields card">
            @foreach ($at->twoStage as $key)
                @reading($key)
            @endforeach
        </div>
        <div class="fig plain-top mt-2"><div class="draw">@piece('draw-levers', 'div') @include('drawings.levers') @endpiece</div></div>
    @endif
    <div class="chain-part">
    <h2>From pedal to plate</h2>
    <div class="fig plain-top chain-fig">
        <div class="draw">
            @include('drawings.chain-stage', ['own' => true])
            @piece('draw-pedal', 'div') @include('drawings.pedal') @endpiece
        </div>
    </div>
    @piece('draw-ratios', 'div') @include('drawings.ratios') @endpiece
    <div class="members">
        @foreach ($at->members as $member => $keys)
            <section class="card"><h3>{{ $member }}</h3>
                @foreach ($keys as $key)@reading($key)@endforeach
            </section>
        @endforeach
    </div>
    <h2>What to set</h2>
    <div class="card">
        <div class="fields">@reading('release.take_up_wanted')@reading('release.air_gap_wanted')</div>
        @piece('draw-setting', 'div', ['class' => 'mt-3']) @include('drawings.setting') @endpiece
        <h3 class="mt-3">Turned and measured, step by step</h3>
        @piece('draw-turns', 'div') @include('drawings.turns') @endpiece
        <div class="fields mt-2">@reading('release.turns_made')@reading('release.play_after')</div>
    </div>
    </div>
    <h2>Bearing clearance</h2>
    <div class="fig plain-top">
        @piece('draw-clutch', 'div', ['class' => 'draw']) @include('drawings.clutch') @endpiece
        <div class="bottom-of">
            @foreach ($at->clearance as $key)
                @reading($key)
            @endforeach
        </div>
    </div>
    <h2>One press of the pedal: ratios and lost motion</h2>
    <p class="soft small mb-2">A helper presses the pedal after the free play is taken up; read as many ends of the same press as can be
        reached. Two ends that follow each other give their ratio where none is entered; pad and end of the fork tell what is lost.</p>
    <div class="fields card">
        @foreach ($at->moved as $key)
            @reading($key)
        @endforeach
    </div>
    @if ($at->isHydraulic)
        <h2>Bleeding</h2>
        <div class="card">
            <div class="fields">
                @foreach (['hydraulics.fluid_wanted', 'hydraulics.fluid', 'hydraulics.school'] as $key)
                    @reading($key)
                @endforeach
            </div>
            <span hidden data-ticks="t[bleed]" data-address="{{ $entries->links->to($station) }}" hx-include="this"
                hx-sync="#work:queue all" hx-params="t[bleed]"></span>
            <p class="refusal" role="alert" data-said-of="t[bleed]" hidden>Not counted: no connection. Count it again.</p>
            @piece('draw-bleeding', 'div', ['class' => 'mt-3']) @include('drawings.bleeding') @endpiece
            <div class="fields bleed-done">@reading('hydraulics.steps_done')@reading('hydraulics.rounds')</div>
        </div>
        <h2>Air in the line</h2>
        <div class="fields card">
            @foreach ($at->blocked as $key)
                @reading($key)
            @endforeach
        </div>
    @endif
</x-station-form>
