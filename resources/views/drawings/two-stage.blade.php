@php($s = $drawings->twoStage())
@php([$l, $w] = [$s::LEFT, $s::WIDTH])
<svg viewBox="0 0 780 120" role="img" aria-label="Release travel of both stages: the travel disc is free at {{
    $s->firstText ?: 'a point not measured' }} of the travel">
    <rect class="f-card" x="{{ $l }}" y="34" width="{{ $w }}" height="32"/>
    @if ($s->first !== null)
        <rect class="zone-take_up" x="{{ $l }}" y="35" width="{{ $s->first - $l }}" height="30"/>
        <rect class="zone-free" x="{{ $s->first }}" y="35" width="{{ $l + $w - $s->first }}" height="30"/>
        <path class="l-jade" d="M{{ $s->first }} 24V76"/>
        <text class="svg-t" x="{{ $s->first }}" y="16" text-anchor="middle">travel disc free at {{ $s->firstText }}</text>
        <text class="svg-t" x="{{ $s->secondMiddle() }}" y="55" text-anchor="middle">second stage: take-off disc</text>
    @else
        <text class="svg-t svg-soft" x="{{ $l + 12 }}" y="55">where the travel disc is free is not measured</text>
    @endif
    @if ($s->band !== null)<rect class="f-band" x="{{ $s->band[0] }}" y="68" width="{{ $s->band[1] - $s->band[0] }}" height="8"/>@endif
    <path class="ln" d="M{{ $l + $w }} 24v56" stroke-width="4"/>
    <text class="svg-t" x="{{ $l + $w }}" y="16" text-anchor="end">stop bolt</text>
    <text class="svg-t" x="{{ $l }}" y="106">{{ $s->gaps[0] }}</text>
    <text class="svg-t" x="{{ $l + $w }}" y="106" text-anchor="end">{{ $s->gaps[1] }}</text>
</svg>
