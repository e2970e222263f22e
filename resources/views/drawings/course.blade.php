<svg viewBox="0 0 640 216" class="course" role="img" aria-label="{{ implode('; ',
    array_map(fn ($way) => $way['name'].': '.$way['minutes'].' minutes', $course->ways)) }}">
    <path class="ln" d="M56 16V160H620" fill="none"/>
    <text class="svg-t svg-soft" x="50" y="22" text-anchor="end">sure</text>
    <text class="svg-t svg-soft" x="50" y="160" text-anchor="end">0</text>
    @foreach ($course->marks as [$x, $text])<text class="svg-t svg-soft" x="{{ $x }}" y="180"
        text-anchor="middle">{{ $text }}</text>@endforeach
    <text class="svg-t svg-soft" x="620" y="210" text-anchor="end">minutes</text>
    @foreach ($course->ways as $i => $way)
        <path class="way way-{{ $i }}" d="{{ $way['path'] }}"/>
        <circle class="way-end way-{{ $i }}" cx="{{ $way['x'] }}" cy="{{ $way['y'] }}" r="5"/>
    @endforeach
</svg>
<p class="small ways">@foreach ($course->ways as $i => $way)<span><svg viewBox="0 0 30 10" aria-hidden="true"><path class="way way-{{ $i }}"
    d="M0 5H30"/></svg> {{ $way['name'] }}</span> @endforeach</p>
