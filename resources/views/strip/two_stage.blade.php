<div class="fig plain-top">
    @piece('draw-levers', 'div', ['class' => 'draw']) @include('drawings.levers') @endpiece
    <div class="bottom-of">@reading('two_stage.lever_heights')</div>
</div>
<div class="fields card mt-3">
    @foreach (['two_stage.travel_total', 'two_stage.travel_to_first', 'two_stage.air_gap_travel', 'two_stage.air_gap_take_off'] as $key)
        @reading($key)
    @endforeach
</div>
