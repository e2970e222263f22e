<div class="fig">
    <div class="left-of">@reading('pilot.bore')</div>
    @piece('draw-pilot', 'div', ['class' => 'draw']) @include('drawings.pilot') @endpiece
    <div class="right-of">@reading('shaft.tip_diameter')</div>
    <div class="bottom-of">
        @reading('pilot.play')
        @reading('pilot.kind')
    </div>
</div>
