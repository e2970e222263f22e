@php($s = $drawings->torque($row))
@php([$top, $bottom] = $s->bars === [] ? [60, 92] : [44, 222])
<svg viewBox="0 0 680 {{ $bottom + 28 }}" role="img" aria-label="What the clutch carries against what the engine gives">
    @forelse ($s->bars as [$label, $end, $text, $y, $least, $greatest])
        <text class="svg-t" x="100" y="{{ $y + 18 }}" text-anchor="end">{{ $label }}</text>
        <rect class="f-steel" x="110" y="{{ $y }}" width="{{ $end - 110 }}" height="26"/>
        <path class="ln" d="M{{ $least }} {{ $y + 13 }}H{{ $greatest }}M{{ $least }} {{ $y + 8 }}v10M{{ $greatest }} {{ $y + 8 }}v10"/>
        <text class="svg-n" x="118" y="{{ $y + 19 }}">{{ $text }}</text>
    @empty
        <text class="svg-t svg-soft" x="4" y="20">What it carries cannot be worked out yet.</text>
    @endforelse
    @include('drawings.torque-lines')
    @if ($s->claimed !== null)<path class="ln" d="M{{ $s->claimed }} 84v46" stroke-dasharray="2 3"/><text class="svg-t svg-soft"
        x="{{ $s->claimed + 4 }}" y="94">claimed</text>@endif
</svg>
@if ($s->bars !== [])<p class="small soft">At the end of each bar between what it may lie: clamp load and friction of a catalogue are
    known no better. The checks use the figure; the reserve is there for the rest.</p>@endif
