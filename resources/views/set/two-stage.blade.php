<div class="fig plain-top"><div class="draw">@include('drawings.fresh', ['name' => 'two-stage'])</div></div>
<div class="draw">@piece('draw-stages', 'div') @include('drawings.stages') @endpiece</div>
<p class="small soft my-2">Just enough air at the stop bolt, never all the pedal can give, or the springs are overworked and the
    clutch slips within a season.</p>
<div class="fields card">
    @foreach ($keys as $key)
        @reading($key)
    @endforeach
    {{-- Beside the heights where there is room. --}}
    @piece('draw-levers', 'div', ['class' => 'draw beside-fields']) @include('drawings.levers') @endpiece
</div>
