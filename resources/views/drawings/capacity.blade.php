@php($s = $drawings->torque($row))
@php([$top, $bottom] = $s->bars === [] ? [60, 92] : [44, 222])
<svg viewBox="0 0 680 {{ $bottom + 28 }}" role="img" aria-label="What the clutch carries against what the engine gives">
    @forelse ($s->bars as $i => [$label, $end, $text])
        <text class="svg-t" x="100" y="{{ 74 + 40 * $i }}" text-anchor="end">{{ $label }}</text>
        <rect class="f-steel" x="110" y="{{ 56 + 40 * $i }}" width="{{ $end - 110 }}" height="26"/>
        <text class="svg-n" x="118" y="{{ 75 + 40 * $i }}">{{ $text }}</text>
    @empty
        <text class="svg-t svg-soft" x="4" y="20">What it carries cannot be worked out yet.</text>
    @endforelse
    @include('drawings.torque-lines')
    @if ($s->claimed !== null)<path class="ln" d="M{{ $s->claimed }} 84v46" stroke-dasharray="2 3"/><text class="svg-t svg-soft"
        x="{{ $s->claimed + 4 }}" y="110">claimed</text>@endif
</svg>
