@php($p = App\Figures\PedalDrawing::of($page))
@php([$l, $w] = [App\Figures\PedalDrawing::LEFT, App\Figures\PedalDrawing::WIDTH])
<svg viewBox="0 0 620 130" role="img" aria-label="Pedal travel unrolled: free play {{ $p->playText ?:
    'not measured' }}, take-up {{ $p->takeUpText ?: 'not known' }}">
    @include('figures.hatch', ['id' => 'hatch-pedal'])
    <rect class="f-card" x="{{ $l }}" y="46" width="{{ $w }}" height="34"/>
    @if ($p->takeUp !== null)
        <rect class="f-wash" x="{{ $p->takeUp }}" y="47" width="{{ max(0, $l + $w - $p->takeUp) }}" height="32"/>
        <path class="l-jade" d="M{{ $p->takeUp }} 34V92"/>
        <text class="svg-t" x="{{ $p->takeUp }}" y="26" text-anchor="middle">take-up, {{ $p->takeUpText }}</text>
        <text class="svg-t svg-soft" x="{{ ($p->takeUp + $l + $w) / 2 }}" y="68" text-anchor="middle">released</text>
    @endif
    @if ($p->play !== null)
        <rect x="{{ $l }}" y="46" width="{{ max(0, $p->play - $l) }}" height="34" fill="url(#hatch-pedal)"/>
        <path class="l-brass" d="M{{ $p->play }} 40V86"/>
        <text class="svg-t" x="{{ $l }}" y="106">free play <tspan class="svg-n">{{ $p->playText }}</tspan></text>
    @else
        <text class="svg-t svg-soft" x="{{ $l + 8 }}" y="68">free play not measured</text>
    @endif
    <text class="svg-t svg-soft" x="{{ $l - 6 }}" y="68" text-anchor="end">top</text>
    <text class="svg-t svg-soft" x="{{ $l + $w + 4 }}" y="68">floor</text>
    <text class="svg-t" x="{{ $l + $w }}" y="106" text-anchor="end">{{ $p->isTravelKnown ? 'travel '.$p->travelText
        : 'travel not measured; drawn at 140 mm' }}</text>
</svg>
