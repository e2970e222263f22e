@if ($part === 'flywheel')
    <div class="fig plain-top">
        <div class="face">
            @foreach ($at->dial() as $clock => $key)
                <div class="at-{{ str_replace(':', '-', $clock) }}">@reading($key, instrument: false, how: false)</div>
            @endforeach
            @piece('draw-face', 'div', ['class' => 'draw']) @include('drawings.face') @endpiece
        </div>
        <div class="marks-of">@include('strip.marks')</div>
    </div>
@else
    <div class="fig beside">
        @piece('draw-plate', 'div', ['class' => 'draw face-alone']) @include('drawings.plate') @endpiece
        <div class="marks-of">@include('strip.marks')</div>
    </div>
@endif
