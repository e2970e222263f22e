@php($s = $drawings->housing())
@if ($s === null)
    <p class="small soft">The sweep is drawn here.</p>
@else
    @php($m = $s::MIDDLE)
    <svg viewBox="0 0 330 330" class="sweep" role="img" aria-label="Bore of the housing: offset {{ $s->offset ?: 'not known' }}">
        <circle class="ghost" cx="{{ $m }}" cy="{{ $m }}" r="88" fill="none"/>
        <path class="l-brass" d="{{ $s->path }}" fill="none"/>
        @foreach ($s->points as [$x, $y, $text, $tx, $ty])<circle class="f-brass" cx="{{ $x }}" cy="{{ $y }}" r="4"/><text class="svg-t"
            x="{{ $tx }}" y="{{ $ty }}" text-anchor="middle">{{ $text }}</text>@endforeach
        @if ($s->towards !== null)<g transform="rotate({{ $s->towards }} {{ $m }} {{ $m }})"><path class="l-jade" d="M{{ $m }} {{ $m }}V99"
            /><path class="f-jade" d="M{{ $m - 7 }} 105l7-14 7 14z"/></g>@endif
        <text class="svg-n" x="{{ $m }}" y="{{ $m + 22 }}" text-anchor="middle">{{ $s->offset }}</text>
    </svg>
@endif
