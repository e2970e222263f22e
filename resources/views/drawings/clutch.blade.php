@php($c = $drawings->clutch())
@php([$tip, $box] = [$c::TIP, $c::GEARBOX])
<svg viewBox="0 0 620 350" role="img" aria-label="Clutch in section: A {{ $c->a ?: 'not measured' }}, B {{ $c->b ?:
    'not measured' }}, clearance {{ $c->gap ?: 'not known' }}">
    @include('drawings.hatch', ['id' => 'hatch-clutch'])
    <rect class="f-steel" x="30" y="20" width="62" height="230"/><rect x="30" y="20" width="62" height="230" fill="url(#hatch-clutch)"/>
    <rect class="f-lining" x="92" y="40" width="10" height="110"/><rect class="f-steel" x="102" y="36" width="5" height="214"/><rect
        class="f-lining" x="107" y="40" width="10" height="110"/>
    <path class="f-steel" d="M96 215h26v35H96z"/>
    <path class="f-steel" d="M117 40h44v26h14v58h-58z"/><path d="M117 40h44v26h14v58h-58z" fill="url(#hatch-clutch)"/>
    <path class="ln" d="M92 24H200L224 60V116" stroke-width="4"/>
    <circle class="f-steel" cx="196" cy="92" r="6"/>
    {{-- diaphragm from the plate over the pivot ring to the finger tip --}}
    <path d="M168 66Q192 84 {{ $tip }} 226" fill="none" stroke="currentColor" stroke-width="5" stroke-linecap="round"/>
    <text class="svg-t svg-soft" x="61" y="13" text-anchor="middle">flywheel</text>
    <text class="svg-t svg-soft" x="{{ $tip - 40 }}" y="226" text-anchor="end">fingers</text>
    {{-- bearing on its tube --}}
    <rect class="f-steel" x="{{ $c->bearing }}" y="206" width="20" height="44"/><rect class="f-card" x="{{ $c->bearing + 20 }}" y="200"
        width="34" height="50"/>
    <circle class="f-steel" cx="{{ $c->bearing + 37 }}" cy="225" r="10"/>
    @if ($c->shim > 0)<rect class="f-brass" x="{{ $c->bearing + 54 }}" y="204" width="{{ $c->shim }}" height="46"/><text class="svg-t"
        x="{{ $c->shimsMiddle() }}" y="196" text-anchor="middle">shims</text>@endif
    <path class="ln" d="M{{ $c->bearing + 54 + $c->shim }} 236H{{ $box }}M{{ $c->bearing + 54 + $c->shim }} 250H{{ $box }}"/>
    <rect class="f-steel" x="{{ $box }}" y="20" width="40" height="230"/><rect x="{{ $box }}" y="20" width="40" height="230"
        fill="url(#hatch-clutch)"/>
    <text class="svg-t svg-soft" x="{{ $box + 20 }}" y="13" text-anchor="middle">gearbox</text>
    <path class="ghost" d="M10 262H610" stroke-dasharray="16 4 3 4"/>
    {{-- clearance over the gap, A and B below --}}
    <path class="{{ $c->isKnown ? 'l-brass' : 'ghost' }}"
        d="M{{ $tip }} 130V236M{{ $c->bearing }} 130V206M{{ $tip - 26 }} 142H{{ $c->bearing + 26 }}"/>
    <text class="svg-n" x="{{ $c->gapMiddle() }}" y="120" text-anchor="middle">{{ $c->gap !== '' ? $c->gap
        : 'clearance ?' }}</text>
    <x-dimension :from="$tip" :to="$box" :at="306" :reach="[[240, 316], [252, 316]]" />
    <x-dimension :from="$c->bearing" :to="$box" :at="332" :reach="[[252, 340], [252, 340]]" />
    <text class="svg-n" x="{{ $tip - 8 }}" y="312" text-anchor="end">A {{ $c->a ?: '?' }}</text>
    <text class="svg-n" x="{{ $tip - 8 }}" y="338" text-anchor="end">B {{ $c->b ?: '?' }}</text>
</svg>
