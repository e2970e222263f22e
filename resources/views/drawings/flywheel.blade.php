@php($f = $drawings->flywheel())
@php($l = $f::LEFT)
<svg viewBox="0 0 480 290" role="img" aria-label="Flywheel in section: {{ $f->thickness ?:
    'thickness not measured' }}, least {{ $f->leastText ?: 'not entered' }}, runout {{ $f->runout ?: 'not measured' }}">
    @include('drawings.hatch', ['id' => 'hatch-fly'])
    <path class="f-steel" d="M{{ $l }} 40H{{ $f->face - $f->cut }}V110H{{ $f->face - $f->cut - 30 }}V170H{{ $f->face -
        $f->cut }}V240H{{ $l }}Z"/>
    <path d="M{{ $l }} 40H{{ $f->face - $f->cut }}V110H{{ $f->face - $f->cut - 30 }}V170H{{ $f->face - $f->cut }}V240H{{ $l }}Z"
        fill="url(#hatch-fly)"/>
    @if ($f->cut > 0)
        <rect class="f-gone" x="{{ $f->face - $f->cut }}" y="40" width="{{ $f->cut }}" height="70"/>
        <rect class="f-gone" x="{{ $f->face - $f->cut }}" y="170" width="{{ $f->cut }}" height="70"/>
    @endif
    <path class="ghost" d="M30 140H400"/>
    @if ($f->least !== null)
        <path class="l-out" d="M{{ $f->least }} 26V250" stroke-dasharray="7 4"/>
        <text class="svg-t" x="{{ $f->least - 6 }}" y="24" text-anchor="end">least {{ $f->leastText }}</text>
    @endif
    {{-- the face as the dial sees it, drawn twenty times larger --}}
    <path class="l-brass" d="M{{ $f->face + 14 }} 40L{{ $f->face + 14 + $f->lean }} 240"/>
    <path class="ghost" d="M{{ $f->face + 14 }} 40V240"/>
    <circle class="f-card" cx="{{ $f->face + 76 }}" cy="60" r="22"/><path class="l-brass" d="M{{ $f->face + 76 }} 60l10 -12"/><path
        class="ln" d="M{{ $f->face + 54 }} 60H{{ $f->face + 18 }}"/>
    <text class="svg-n" x="{{ $f->face + 28 + $f->lean }}" y="222">{{ $f->runout ?: '?' }}</text>
    <text class="svg-t svg-soft" x="{{ $f->face + 28 + $f->lean }}" y="240">runout ×20</text>
    <x-dimension :from="$l" :to="$f->face" :at="266" :reach="[[244, 276], [244, 276]]" />
    <text class="svg-n" x="{{ $l - 8 }}" y="272" text-anchor="end">{{ $f->thickness ?: '?' }}</text>
    @if ($f->after !== '')<text class="svg-t" x="{{ $f->face + 8 }}" y="272">after the cut {{ $f->after }}</text>@endif
</svg>
