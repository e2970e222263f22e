<div class="fig">
    <div class="left-of"><x-reading :page="$page" key="pilot.bore" /></div>
    @piece('draw-pilot', 'div', ['class' => 'draw']) @include('figures.pilot') @endpiece
    <div class="right-of"><x-reading :page="$page" key="shaft.tip_diameter" /></div>
    <div class="bottom-of">
        <x-reading :page="$page" key="pilot.play" />
        <x-reading :page="$page" key="pilot.kind" />
    </div>
</div>
