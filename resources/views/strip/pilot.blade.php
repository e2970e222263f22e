<div class="fig">
    <div class="left-of"><x-reading :entries="$entries" key="pilot.bore" /></div>
    @piece('draw-pilot', 'div', ['class' => 'draw']) @include('figures.pilot') @endpiece
    <div class="right-of"><x-reading :entries="$entries" key="shaft.tip_diameter" /></div>
    <div class="bottom-of">
        <x-reading :entries="$entries" key="pilot.play" />
        <x-reading :entries="$entries" key="pilot.kind" />
    </div>
</div>
