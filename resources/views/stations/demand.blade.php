<x-station-form :page="$page" :station="$station">
    <div class="fig plain-top">
        @piece('draw-demand', 'div', ['class' => 'draw']) @include('drawings.demand') @endpiece
    </div>
    <h2>Engine</h2>
    <p class="soft small mb-2">Peak torque, or power with the speed it is made at, or the curve. Peak torque is what counts, not peak
        power.</p>
    <div class="fields card">
        @include('job.fields', ['keys' => $at->engine->now])
        @include('job.more', ['fields' => $at->engine])
    </div>
    <p class="small soft mt-2">A curve is typed or pasted, one point a line; a table of two columns can be pasted as it is. On the
        drawing the
        arrow keys move a point: up and down its torque, left and right its speed.</p>
    <details id="fold-modified" data-part data-holds="engine.curve_before demand.reserve_wanted demand.reserve_reason"
        @if ($at->isModified) open @else data-load="{{ $entries->links->fold($station, 'modified') }}" @endif>
        <summary hx-include="this">Before a modification; a reserve for this job</summary>
        <div class="part-body">@if ($at->isModified) @include('demand.modified') @else
            @include('job.folded', ['address' => $entries->links->fold($station, 'modified')]) @endif</div>
    </details>
    @if ($page->sheet->isTwoStage())
        <h2>Power take-off</h2>
        <p class="soft small mb-2">Its disc is rated for the take-off alone, at the engine speed at which the take-off is rated.</p>
        <div class="fields card">@reading('engine.pto_power')@reading('engine.pto_engine_speed')
            @reading('launch.implement_inertia')</div>
    @endif
    <h2>Heat of a start</h2>
    <p class="soft small mb-2">Worked out once mass, wheel, ratio and load are there. A heavy vehicle slips its clutch longer at every
        start.</p>
    <div class="fields card">
        @include('job.fields', ['keys' => $at->start->now])
        @include('job.more', ['fields' => $at->start])
    </div>
    <div class="fig">
        @piece('draw-starts', 'div', ['class' => 'draw']) @include('drawings.starts') @endpiece
    </div>
</x-station-form>
