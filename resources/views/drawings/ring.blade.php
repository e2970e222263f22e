@php($r = $drawings->ring($key))
@php($c = $r::CENTRE)
<svg class="around" viewBox="-30 -4 360 308" role="img"
    aria-label="{{ $what }} around the cover: {{ $r->spread === '' ? 'fewer than two measured' : 'spread '.$r->spread }}">
    <circle class="f-steel" cx="{{ $c }}" cy="{{ $c }}" r="{{ $r::HUB }}"/>
    <circle class="f-card" cx="{{ $c }}" cy="{{ $c }}" r="23"/>
    @foreach ($r->tips as $tip)
        <path class="tip {{ $tip['state'] }}" d="M{{ round($tip['x1'], 1) }} {{ round($tip['y1'], 1) }}L{{ round($tip['x2'],
            1) }} {{ round($tip['y2'], 1) }}"/>
        <text class="svg-n" x="{{ round($tip['tx'], 1) }}" y="{{ round($tip['ty'] + 5, 1) }}" text-anchor="middle">{{ $tip['text'] }}</text>
        <text class="svg-t" x="{{ round($tip['nx'], 1) }}" y="{{ round($tip['ny'] + 5, 1) }}"
            text-anchor="middle">{{ $tip['number'] }}</text>
    @endforeach
    @if ($r->spread === '')<text class="svg-n" x="{{ $c }}" y="{{ $c + 5 }}" text-anchor="middle">?</text>@endif
    <text class="svg-t" x="-26" y="18">{{ $r->spread === '' ? '' : 'spread '.$r->spread }}</text>
</svg>
