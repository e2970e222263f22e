@include('job.carried')
<x-station-form :page="$page" :station="$station">
    @includeWhen($at->isHydraulic && $at->bleedsFirst, 'job.bleeding')
    @if ($at->isTruck)
        <h2>Brake, bearing, fork, pedal</h2>
        <p class="soft small mb-2">The brake first: it is the reference.</p>
        <div class="fig plain-top"><div class="draw">@piece('draw-truck', 'div') @include('drawings.truck') @endpiece</div></div>
        <div class="fields card mt-2">
            @foreach ([...$at->truck, $at::SQUEEZE] as $key)
                @reading($key)
            @endforeach
        </div>
        <div class="fields card mt-2">@reading('truck.notches_made')@reading('truck.linkage_turns')</div>
        @include('job.left-fold', ['name' => 'left-truck'])
    @endif
    @if ($page->sheet->isTwoStage())
        <h2>Two stages, one pedal</h2>
        <div class="fig plain-top"><div class="draw">@include('drawings.fresh', ['name' => 'two-stage'])</div></div>
        <div class="fig plain-top mt-2"><div class="draw">@piece('draw-stages', 'div') @include('drawings.stages') @endpiece</div></div>
        <p class="small soft my-2">Just enough air at the stop bolt, never all the pedal can give, or the springs are overworked and the
            clutch slips within a season.</p>
        <div class="fields card">
            @foreach ($at->twoStage as $key)
                @reading($key)
            @endforeach
        </div>
        @include('job.left-fold', ['name' => 'left-two-stage'])
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
                @includeWhen($member === 'Disc', 'set.fold', [
                    'name' => 'gaps', 'title' => 'By disc and side', 'what' => 'where one side may drag',
                ])
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
        @piece('draw-was-set', 'div') @include('drawings.was-set') @endpiece
        @include('job.left-fold', ['name' => 'left-chain'])
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
    @include('job.left-fold', ['name' => 'left-clearance'])
    <h2>Ratios and lost motion</h2>
    @include('set.fold', [
        'name' => 'moved', 'title' => 'One press of the pedal', 'what' => 'finds a ratio that nobody knows, and what is lost on the way',
    ])
    @includeWhen($at->isHydraulic && ! $at->bleedsFirst, 'job.bleeding')
</x-station-form>
