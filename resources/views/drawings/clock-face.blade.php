@php($f = $drawings->face($part))
@php([$c, $rim] = [$f::CENTRE, $f::RIM])
<svg class="clock-face" viewBox="0 0 460 460" data-face="{{ $part }}" data-outer="{{ $f->outer }}" data-centre="{{ $c }}"
    data-rim="{{ $rim }}" role="application" tabindex="0"
    aria-label="{{ $part === 'cover' ? 'Pressure plate'
        : 'Flywheel face' }} as a clock: {{ $f->said }}. Arrow keys move the cross, Enter places the mark chosen below.">
    <circle class="f-steel" cx="{{ $c }}" cy="{{ $c }}" r="{{ $rim }}"/>
    <circle class="f-card" cx="{{ $c }}" cy="{{ $c }}" r="{{ $f->innerRim() }}"/>
    <circle class="ghost" cx="{{ $c }}" cy="{{ $c }}" r="{{ $f->middleRim() }}"/>
    @foreach ($f->hours() as $hour => [$tick, $x, $y])
        <path class="ln" d="{{ $tick }}"/>
        <text class="svg-t svg-soft" x="{{ $x }}" y="{{ $y }}" text-anchor="middle">{{ $hour }}</text>
    @endforeach
    @if ($f->curve !== '')
        <circle class="ghost" cx="{{ $c }}" cy="{{ $c }}" r="195"/>
        <polygon class="l-brass" points="{{ $f->curve }}"/>
    @endif
    @if ($f->high !== null)
        <circle class="f-brass" cx="{{ $f->high['x'] }}" cy="{{ $f->high['y'] }}" r="6"/>
        <text class="svg-t" x="{{ $c }}" y="{{ $c + 34 }}" text-anchor="middle">high side <tspan class="dimf">●</tspan></text>
    @endif
    <text class="svg-t svg-soft" x="{{ $c }}" y="{{ $c - 22 }}" text-anchor="middle">seen from</text>
    <text class="svg-t svg-soft" x="{{ $c }}" y="{{ $c - 2 }}" text-anchor="middle">the gearbox</text>
    @foreach ($f->marks as $mark)
        @php([$x, $y] = [$mark['x'], $mark['y']])
        <g><title>{{ $mark['label'] }}</title>
            @switch($mark['kind'])
                @case('heat_spot')<circle class="m-spot" cx="{{ $x }}" cy="{{ $y }}" r="9"/>@break
                @case('scoring')<path class="m-line"
                    d="M{{ $x - 9 }} {{ $y - 5 }}h18M{{ $x - 9 }} {{ $y }}h18M{{ $x - 9 }} {{ $y + 5 }}h18"/>@break
                @case('open_crack')<path class="m-line" d="M{{ $x - 8 }} {{ $y - 9 }}l7 6l-4 5l8 7"/><circle class="m-ring" cx="{{ $x }}"
                    cy="{{ $y }}" r="12"/>@break
                @default<path class="m-line" d="M{{ $x - 8 }} {{ $y - 9 }}l7 6l-4 5l8 7"/>
            @endswitch
        </g>
    @endforeach
    <g class="cross" hidden><path class="l-jade" d="M-12 0h24M0 -12v24"/></g>
</svg>
