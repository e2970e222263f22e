<div class="fig">
    <div class="left-of"><x-reading :bench="$bench" key="pilot.bore" /></div>
    @piece('draw-pilot', 'div', ['class' => 'draw']) @include('figures.pilot') @endpiece
    <div class="right-of"><x-reading :bench="$bench" key="shaft.tip_diameter" /></div>
    <div class="bottom-of">
        <x-reading :bench="$bench" key="pilot.play" />
        <x-reading :bench="$bench" key="pilot.kind" />
    </div>
</div>
