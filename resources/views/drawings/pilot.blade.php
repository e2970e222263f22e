@php($p = $drawings->pilot())
@php([$a, [$top, $bottom], [$high, $low]] = [$p::AXIS, $p->edgesOf($p->bore), $p->edgesOf($p->tip)])
<svg viewBox="0 0 460 260" role="img" aria-label="Tip of the shaft in its pilot: bore {{ $p->boreText ?:
    'not measured' }}, tip {{ $p->tipText ?: 'not measured' }}, play {{ $p->play ?: 'not known' }}">
    @include('drawings.hatch', ['id' => 'hatch-pilot'])
    <path class="f-steel" d="M40 20H150V{{ $top - 16 }}H60V{{ $bottom + 16 }}H150V240H40Z"/>
    <path d="M40 20H150V{{ $top - 16 }}H60V{{ $bottom + 16 }}H150V240H40Z" fill="url(#hatch-pilot)"/>
    <rect class="f-lining" x="76" y="{{ $top - 16 }}" width="66" height="16"/>
    <rect class="f-lining" x="76" y="{{ $bottom }}" width="66" height="16"/>
    <path class="f-card" d="M84 {{ $high }}H190V{{ $a - 66 }}H430V{{ $a + 66 }}H190V{{ $low }}H84L74 {{ $low - 8 }}V{{ $high + 8 }}Z"/>
    @foreach ($p->splineLines() as $y)<path class="ln" d="M250 {{ $y }}H430"/>@endforeach
    <path class="ghost" d="M20 {{ $a }}H450"/>
    <text class="svg-t svg-soft" x="46" y="16">{{ $p->seat }}</text>
    <text class="svg-t svg-soft" x="340" y="{{ $a - 76 }}" text-anchor="middle">shaft{{ $p->splines === '' ? '' : ', '.$p->splines }}</text>
    <x-dimension vertical :from="$top" :to="$bottom" :at="30" :reach="[[22, 74], [22, 74]]" />
    <text class="svg-n" x="26" y="258">{{ $p->boreText ?: 'bore ?' }}</text>
    <text class="svg-n" x="196" y="{{ $a - 12 }}">{{ $p->tipText ?: 'tip ?' }}</text>
    <text class="svg-n" x="164" y="{{ $a + 96 }}">{{ $p->play === '' ? 'play ?' : 'play '.$p->play }}</text>
    <text class="svg-t svg-soft" x="164" y="{{ $a + 116 }}">drawn ×{{ (int) $p::EXAGGERATION }}</text>
</svg>
