@php($r = $drawings->ring($key))
@php($c = $r::CENTRE)
@if ($r->isEmpty())
<p class="small soft">{{ $what }}: drawn here once they are measured.</p>
@else
<svg class="around" viewBox="-30 -4 360 308" role="img"
    aria-label="{{ $what }} around the cover: {{ $r->spread === '' ? 'fewer than two measured' : 'spread '.$r->spread }}">
    <circle class="f-steel" cx="{{ $c }}" cy="{{ $c }}" r="{{ $r::HUB }}"/>
    <circle class="f-card" cx="{{ $c }}" cy="{{ $c }}" r="23"/>
    @foreach ($r->tips as $tip)
        <path class="tip {{ $tip['state'] }}" d="M{{ $tip['x1'] }} {{ $tip['y1'] }}L{{ $tip['x2'] }} {{ $tip['y2'] }}"/>
        <text class="svg-n" x="{{ $tip['tx'] }}" y="{{ $tip['ty'] }}" text-anchor="middle">{{ $tip['text'] }}</text>
        <text class="svg-t" x="{{ $tip['nx'] }}" y="{{ $tip['ny'] }}"
            text-anchor="middle">{{ $tip['number'] }}</text>
    @endforeach
    @if ($r->spread === '')<text class="svg-n" x="{{ $c }}" y="{{ $c + 5 }}" text-anchor="middle">?</text>@endif
    <text class="svg-t" x="-26" y="18">{{ $r->spread === '' ? '' : 'spread '.$r->spread }}</text>
</svg>
@endif
