@php($p = $drawings->pedal())
@php([$l, $w] = [$p::LEFT, $p::WIDTH])
<svg viewBox="0 0 780 100" role="img" aria-label="Pedal travel unrolled: free play {{ $p->playText ?:
    'not measured' }}, take-up {{ $p->takeUpText ?: 'not known' }}">
    @include('drawings.hatch', ['id' => 'hatch-pedal'])
    <rect class="f-card" x="{{ $l }}" y="20" width="{{ $w }}" height="30"/>
    @foreach ($p->zones as $i => $zone)
        @php($name = $zone['phase']->value)
        @if ($zone['soft'] > 0 && $i > 0)
            <defs><linearGradient id="soft-{{ $i }}"><stop offset="0" class="zone-{{ $p->zones[$i - 1]['phase']->value }}"/><stop
                offset="1" class="zone-{{ $name }}"/></linearGradient></defs>
        @endif
        <rect class="zone-{{ $name }}" x="{{ $zone['from'] }}" y="21" width="{{ $zone['width'] }}" height="28"/>
        @if ($zone['soft'] > 0 && $i > 0)<rect fill="url(#soft-{{ $i }})" x="{{ $zone['from'] - $zone['soft'] }}" y="21"
            width="{{ $zone['edge'] }}" height="28"/>@endif
        @if ($zone['width'] > 46)<text class="svg-t" x="{{ $zone['middle'] }}" y="40"
            text-anchor="middle">{{ lcfirst($zone['phase']->label()) }}</text>@endif
    @endforeach
    @if ($p->takeUp !== null)
        <path class="l-jade" d="M{{ $p->takeUp }} 16V56"/>
        <text class="svg-t" x="{{ $p->takeUp }}" y="12" text-anchor="middle">take-up, {{ $p->takeUpText }}</text>
    @endif
    @if ($p->play !== null)
        <rect x="{{ $l }}" y="20" width="{{ $p->playWidth() }}" height="30" fill="url(#hatch-pedal)"/>
        <path class="l-brass" d="M{{ $p->play }} 16V54"/>
        <text class="svg-t" x="{{ $l }}" y="68">free play <tspan class="svg-n">{{ $p->playText }}</tspan></text>
    @else
        <text class="svg-t svg-soft" x="{{ $l + 8 }}" y="40">free play not measured</text>
    @endif
    @foreach ($p->then as $zone)<rect class="zone-{{ $zone['phase']->value }} then" x="{{ $zone['from'] }}" y="74"
        width="{{ $zone['width'] }}" height="8"/>@endforeach
    @if ($p->thenText !== '')<text class="svg-t svg-soft" x="{{ $l }}" y="97">{{ $p->thenText }}</text>@endif
    @if ($p->zones !== [])<path class="pointer" data-pointer data-width="{{ $w }}" d="M{{ $l }} 50l-6 8h12zM{{ $l }} 18V50"/>@endif
    <text class="svg-t svg-soft" x="{{ $l - 6 }}" y="40" text-anchor="end">top</text>
    <text class="svg-t svg-soft" x="{{ $l + $w + 4 }}" y="40">floor</text>
    <text class="svg-t" x="{{ $l + $w }}" y="68" text-anchor="end">{{ $p->isTravelKnown ? 'travel '.$p->travelText
        : 'travel not measured; drawn at 140 mm' }}</text>
</svg>
