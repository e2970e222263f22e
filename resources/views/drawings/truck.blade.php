@php($t = $drawings->truck())
@php([$b, $f, $p] = [$t::BEARING, $t::FORK, $t::PEDAL])
<svg viewBox="0 0 780 250" role="img" aria-label="Bearing to brake {{ $t->gapText }}, fork play {{ $t->playText }}, free pedal {{
    $t->freeText }}">
    @include('drawings.hatch', ['id' => 'hatch-truck'])
    {{-- cover with its ring, bearing on the shaft --}}
    <path class="f-steel" d="M20 20h90v86H20z"/><path d="M20 20h90v86H20z" fill="url(#hatch-truck)"/>
    <path class="f-brass" d="M110 34h22v58h-22z"/>
    @for ($y = 38; $y < 90; $y += 9)<path class="ln" d="M126 {{ $y }}h6"/>@endfor
    <text class="svg-t svg-soft" x="65" y="14" text-anchor="middle">cover</text><text class="svg-t svg-soft" x="121" y="28"
        text-anchor="middle">ring</text>
    <path class="ghost" d="M10 118H770" stroke-dasharray="16 4 3 4"/><path class="ln" d="M132 112H760M132 124H760"/>
    <path class="f-steel" d="M{{ $b - 70 }} 54h70v58h-70z"/><circle class="f-card" cx="{{ $b - 35 }}" cy="80" r="13"/>
    <text class="svg-t svg-soft" x="{{ $b - 35 }}" y="48" text-anchor="middle">bearing</text>
    @if ($t->turn !== 0)<text class="svg-n" x="20" y="142">{{ $t->turn > 0 ? '↻' : '↺' }} {{ $t->notches }} notches</text>@endif
    {{-- the gap to the brake --}}
    @if ($t->gapBand !== null)<rect class="f-band" x="{{ $b + $t->gapBand[0] }}" y="40" width="{{ $t->gapBand[1] - $t->gapBand[0] }}"
        height="72"/>@endif
    @if ($t->gap !== null)
        <path class="f-lining" d="M{{ $b + $t->gap }} 46h12v66h-12z"/><path class="f-steel" d="M{{ $b + $t->gap + 12 }} 30h40v82h-40z"/>
        <x-dimension :from="$b" :to="$b + $t->gap" :at="36" :reach="[[30, 54], [30, 54]]" />
        <text class="svg-n" x="{{ $b + $t->gap + 60 }}" y="42">{{ $t->gapText }}</text><text class="svg-t svg-soft"
            x="{{ $b + $t->gap + 60 }}" y="62">to the brake</text>
    @else
        <text class="svg-t svg-soft" x="{{ $b + 12 }}" y="80">bearing to brake not measured</text>
    @endif
    {{-- fork play at the pads --}}
    <path class="f-steel" d="M{{ $f - 46 }} 142h46v20h-46z"/><text class="svg-t svg-soft" x="{{ $f - 52 }}" y="157"
        text-anchor="end">pads</text>
    @if ($t->playBand !== null)<rect class="f-band" x="{{ $f + $t->playBand[0] }}" y="136" width="{{ $t->playBand[1] - $t->playBand[0]
        }}" height="34"/>@endif
    @if ($t->play !== null)<path class="f-steel" d="M{{ $f + $t->play }} 134h16v38h-16z"/><text class="svg-n" x="430" y="158">{{
        $t->playText }}</text><text class="svg-t svg-soft" x="530" y="158">at the fork</text>
    @else<text class="svg-t svg-soft" x="{{ $f + 12 }}" y="158">fork play not measured</text>@endif
    {{-- the pedal --}}
    <rect class="f-card" x="{{ $p }}" y="196" width="660" height="24"/>
    @if ($t->freeBand !== null)<rect class="f-band" x="{{ $p + $t->freeBand[0] }}" y="190" width="{{ $t->freeBand[1] - $t->freeBand[0] }}"
        height="36"/>@endif
    @if ($t->free !== null)<rect x="{{ $p }}" y="196" width="{{ $t->free }}" height="24" fill="url(#hatch-truck)"/><path class="l-brass"
        d="M{{ $p + $t->free }} 188V228"/><text class="svg-n" x="712" y="214"
        text-anchor="end">{{ $t->freeText }} free pedal</text>
    @else<text class="svg-t svg-soft" x="{{ $p + 12 }}" y="214">free pedal not measured</text>@endif
    <text class="svg-t svg-soft" x="{{ $p - 6 }}" y="214" text-anchor="end">top</text>
    <text class="svg-t svg-soft" x="20" y="246">Bands are those in force. Gap × 7, play × 14, pedal × 5.</text>
</svg>
@php($rounds = $drawings->rounds('truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'))
@if (count($rounds) > 1)
    <table class="jobs-table dense small"><caption class="sr-only">Rounds of measuring</caption><thead><tr><th scope="col">Round</th><th
        scope="col">To the brake</th><th scope="col">At the fork</th><th scope="col">Free pedal</th><th scope="col">By</th></tr></thead>
        <tbody>@foreach ($rounds as $i => $round)<tr><td class="num">{{ $i + 1 }}</td>
            @foreach ($round['values'] as $value)<td class="num">{{ $value ?: '–' }}</td>@endforeach<td>{{ $round['by'] }}</td></tr>
        @endforeach</tbody></table>
@endif
