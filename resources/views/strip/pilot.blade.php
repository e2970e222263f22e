<div class="fig">
    <div class="left-of"><x-reading :bench="$bench" key="pilot.bore" /></div>
    <div class="draw" id="draw-pilot">@include('figures.pilot')</div>
    <div class="right-of"><x-reading :bench="$bench" key="shaft.tip_diameter" /></div>
    <div class="bottom-of">
        <x-reading :bench="$bench" key="pilot.play" />
        <x-reading :bench="$bench" key="pilot.kind" />
    </div>
</div>
