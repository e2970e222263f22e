@php($d = $drawings->bench())
@if ($d === null)
    <p class="small soft">New and old are drawn over each other as their measures are entered.</p>
@else
    @php($mark = fn (string $pair) => $d->differs[$pair] ? 'l-brass' : 'ln')
    <svg viewBox="0 0 680 256" role="img" aria-label="New parts over the old ones">
        @foreach ([0, 1] as $which)
            @if ($d->face['outer'][$which] !== null)<circle class="{{ $which === 1 ? $mark('outer') : 'ln' }}" cx="130" cy="122"
                r="{{ $d->face['outer'][$which] }}" fill="none" @if ($which === 0) stroke-dasharray="5 4" @endif/>@endif
            @if ($d->face['bolt_circle'][$which] !== null)<circle class="{{ $which === 1 ? $mark('bolt_circle') : 'ln' }}" cx="130" cy="122"
                r="{{ $d->face['bolt_circle'][$which] }}" fill="none" stroke-dasharray="{{ $which === 0 ? '1 5' : '2 3' }}"/>@endif
            @foreach ($d->holes($which) as [$x, $y])<circle class="ln" cx="{{ $x }}" cy="{{ $y }}" r="{{ $which === 0 ? 5 : 3 }}"
                fill="none"/>@endforeach
        @endforeach
        <path class="ln" d="M330 16V232"/><text class="svg-t svg-soft" x="324" y="14" text-anchor="end">flywheel face</text>
        @foreach ([0 => ['old', 70], 1 => ['new', 168]] as $which => [$word, $y])
            @php([$thick, $fw, $gb, $fingers] = [$d->along['thickness'][$which], $d->along['hub_flywheel'][$which],
                $d->along['hub_gearbox'][$which], $d->along['fingers'][$which]])
            <text class="svg-t" x="276" y="{{ $y + 4 }}" text-anchor="end">{{ $word }}</text>
            @if ($thick !== null)<rect class="f-lining" x="330" y="{{ $y - 34 }}" width="{{ $thick }}" height="68"/>@endif
            @if ($fw !== null || $gb !== null)<rect class="f-steel" x="{{ 330 - ($fw ?? 0) }}" y="{{ $y - 12 }}" width="{{ ($fw ?? 0) +
                ($thick
                ?? 0) + ($gb ?? 0) }}" height="24"/>@endif
            @if ($fingers !== null)<path class="{{ $which === 1 ? $mark('fingers') : 'ln' }}" d="M{{ 330 + $fingers }} {{ $y - 30 }}v60"
                stroke-width="3"/><text class="svg-t svg-soft" x="{{ 336 + $fingers }}" y="{{ $y + 4 }}">fingers</text>@endif
        @endforeach
        <text class="svg-t svg-soft" x="130" y="250" text-anchor="middle">old dashed, new drawn through</text>
    </svg>
@endif
