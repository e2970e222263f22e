@include('job.carried')
<x-station-form :page="$page" :station="$station">
    @if ($entries->asksAny('truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'))
        <h2>Brake, bearing, fork, pedal</h2>
        <p class="soft small mb-2">The brake first: it is the reference.</p>
        <div class="fig plain-top"><div class="draw">@piece('draw-truck', 'div') @include('figures.truck') @endpiece</div></div>
        <div class="fields card mt-2">
            @foreach (['truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal', 'truck.brake_squeeze'] as $key)
                @reading($key)
            @endforeach
        </div>
        <x-as-left :page="$page" :entries="$entries" part="truck"
            :keys="['truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal']">
            Adjusted, locked, then read all three once more. From then on only these count; what was found stays on the record.
        </x-as-left>
    @endif
    @if ($page->sheet->isTwoStage())
        <h2>Two stages, one pedal</h2>
        <div class="fig plain-top"><div class="draw">@include('figures.fresh', ['name' => 'two-stage'])</div></div>
        <p class="small soft my-2">Just enough air at the stop bolt, never all the pedal can give, or the springs are overworked and the
            clutch slips within a season.</p>
        <div class="fields card">
            @foreach (['two_stage.travel_total', 'two_stage.travel_to_first', 'two_stage.air_gap_travel', 'two_stage.air_gap_take_off',
                'two_stage.lever_heights'] as $key)
                @reading($key)
            @endforeach
        </div>
        <div class="fig plain-top mt-2"><div class="draw">@piece('draw-levers', 'div') @include('figures.levers') @endpiece</div></div>
    @endif
    <div class="chain-part">
    <h2>From pedal to plate</h2>
    <div class="fig plain-top chain-fig">
        <div class="draw">
            @include('figures.chain-stage', ['own' => true])
            @piece('draw-pedal', 'div') @include('figures.pedal') @endpiece
        </div>
    </div>
    @piece('draw-ratios', 'div') @include('figures.ratios') @endpiece
    <div class="members">
        @foreach ([
            'Pedal' => ['release.free_play_target', 'release.rod_pitch', 'release.firm_again'],
            'Between' => ['release.master_stroke_max', 'release.slave_stroke_max', 'release.self_adjusting'],
            'Fork and bearing' => ['release.light_contact', 'release.slave_stroke_left', 'release.rod_adjustable', 'release.efficiency'],
            'Disc' => ['release.air_gap_measured'],
        ] as $member => $keys)
            @continue(! $entries->asksAny(...$keys))
            <section class="card"><h3>{{ $member }}</h3>
                @foreach ($keys as $key)@reading($key)@endforeach
            </section>
        @endforeach
    </div>
    <h2>What to set</h2>
    <div class="card">
        <div class="fields">@reading('release.take_up_wanted')@reading('release.air_gap_wanted')</div>
        @piece('draw-setting', 'div', ['class' => 'mt-3']) @include('figures.setting') @endpiece
        <h3 class="mt-3">Turned and measured, step by step</h3>
        @piece('draw-turns', 'div') @include('figures.turns') @endpiece
        <div class="fields mt-2">@reading('release.turns_made')@reading('release.play_after')</div>
    </div>
    </div>
    <h2>Bearing clearance</h2>
    <div class="fig plain-top">
        @piece('draw-clutch', 'div', ['class' => 'draw']) @include('figures.clutch') @endpiece
        <div class="bottom-of">
            @foreach (['release.depth_to_fingers', 'release.bearing_height', 'release.clearance_target', 'release.shim_stock'] as $key)
                @reading($key)
            @endforeach
        </div>
    </div>
    <h2>One press of the pedal: ratios and lost motion</h2>
    <p class="soft small mb-2">A helper presses the pedal after the free play is taken up; read as many ends of the same press as can be
        reached. Two ends that follow each other give their ratio where none is entered; pad and end of the fork tell what is lost.</p>
    <div class="fields card">
        @foreach (['release.pad_moved', 'release.rod_moved', 'release.fork_end_moved', 'release.bearing_moved',
            'release.plate_moved'] as $key)
            @reading($key)
        @endforeach
    </div>
    @if ($entries->asksAny('hydraulics.blocked_travel', 'hydraulics.blocked_pressure', 'hydraulics.proof'))
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
            @piece('draw-bleeding', 'div', ['class' => 'mt-3']) @include('figures.bleeding') @endpiece
            <div class="fields bleed-done">@reading('hydraulics.steps_done')@reading('hydraulics.rounds')</div>
        </div>
        <h2>Air in the line</h2>
        <div class="fields card">
            @foreach (['hydraulics.blocked_travel', 'hydraulics.blocked_from', 'hydraulics.blocked_pressure', 'hydraulics.proof'] as $key)
                @reading($key)
            @endforeach
        </div>
    @endif
</x-station-form>
