@php($c = $drawings->chain())
@php([[$px, $py], [$rx, $ry], $ax, $fx] = [$c::PEDAL, $c::RING, $c::AXIS, $c::FORK_X])
@php([$rod, $pad, $pivot, $end, $bearing] = [$c->rodArm(), $c->padArm(), $c->forkPivot(), $c->forkEnd(), $c->bearing()])
<div class="chain" @if ($c->moves()) data-chain data-moves="{{ json_encode($c->movements()) }}"
    data-captions="{{ json_encode($c->captions()) }}" data-thens="{{ json_encode($c->thens()) }}" @endif>
<svg viewBox="0 0 800 {{ $c->isConcentric() ? 262 : 278 }}" role="img" aria-label="The release chain from pedal to disc{{
    $c->moves() ? '' : ', not yet worked out' }}">
    @include('drawings.hatch', ['id' => 'hatch-chain'])
    {{-- flywheel, disc, plate, cover and fingers; the upper half over the shaft --}}
    <path class="f-steel" d="M22 22h44v142H22z"/><path d="M22 22h44v142H22z" fill="url(#hatch-chain)"/>
    <g data-move="disc"><path class="f-lining" d="M67 34h7v80h-7zM79 34h7v80h-7z"/><path class="f-steel" d="M74 30h5v134h-5z"/></g>
    <g data-move="plate"><path class="f-steel" d="M87 34h28v34h12v34H87z"/><path d="M87 34h28v34h12v34H87z" fill="url(#hatch-chain)"/></g>
    <path class="ln" d="M66 22H148L160 60" fill="none" stroke-width="4"/><circle class="f-steel" cx="{{ $rx }}" cy="{{ $ry }}" r="5"/>
    <g data-move="fingers" data-turn="{{ $rx }} {{ $ry }}"><path d="M120 62Q{{ $rx }} 72 152 160" fill="none" stroke="currentColor"
        stroke-width="4" stroke-linecap="round"/></g>
    <path class="ghost" d="M10 {{ $ax }}H330" stroke-dasharray="16 4 3 4"/>
    <path class="ln" d="M60 170H320M60 182H320"/>
    <g data-move="bearing"><rect class="f-steel" x="{{ $c->isPull() ? $bearing - 14 : $bearing }}" y="140" width="14" height="36"/><rect
        class="f-card" x="{{ $bearing + ($c->isPull() ? 0 : 14) }}" y="146" width="22" height="30"/><circle class="f-steel"
        cx="{{ $bearing + ($c->isPull() ? 11 : 25) }}" cy="161" r="7"/>@unless ($c->isConcentric())<path class="f-steel"
        d="M{{ $bearing + ($c->isPull() ? 22 : 36) }} {{ $ax - 8 }}H{{ $fx }}v6H{{ $bearing + ($c->isPull() ? 22 : 36) }}z"/>@endunless</g>
    <text class="svg-t svg-soft" x="44" y="14" text-anchor="middle">engine</text>
    <text class="svg-t in-field" x="166" y="96">fingers <tspan class="svg-n">{{ $c->ratio('release.finger_ratio') }}</tspan></text>
    @if ($c->isConcentric())
        <path class="f-card" d="M{{ $bearing + 40 }} 136h60v40h-60z"/><g data-move="slave"><path class="f-steel"
            d="M{{ $bearing + 36 }} 142h26v34h-26z"/></g>
        <text class="svg-t" x="{{ $bearing + 16 }}" y="204">ring slave</text>
    @else
        <g data-move="fork" data-turn="{{ $fx }} {{ $pivot }}"><path class="f-steel"
            d="M{{ $fx - 6 }} {{ $ax - 12 }}h12V{{ $end }}h-12z"/></g>
        <circle class="f-card" cx="{{ $fx }}" cy="{{ $pivot }}" r="6"/>
        @if ($c->shift() !== null)<path class="ghost" d="M{{ $fx }} {{ $pivot }}L{{ $fx - $c->shift() }} {{ $end }}" stroke-width="3"/><text
            class="svg-t" x="{{ $fx + 16 }}" y="{{ $pivot + 28 }}">{{ $c->shiftText() }}</text>@endif
        <text class="svg-t in-field" x="{{ $fx + 16 }}" y="{{ $pivot + 5 }}">fork <tspan class="svg-n">{{ $c->ratio('release.fork_ratio')
            }}</tspan></text>
        @if ($c->isHydraulic())
            @php([$h, $half] = $c->boreAndHalf($c->slaveBore()))
            <path class="f-card" d="M84 {{ $end - 12 - $half }}h84v{{ $h }}h-84z"/>
            <g data-move="slave"><path class="f-steel" d="M112 {{ $end - 10 - $half }}h20v{{ $h - 4 }}h-20z"/><path class="ln"
                d="M132 {{ $end - 12 }}H{{ $fx - 8 }}" stroke-width="4"/></g>
            <text class="svg-t" x="4" y="{{ $end - 14 }}">slave</text>
            <text class="svg-n in-field" x="84" y="{{ $end - 18 - $half }}">{{ $c->diameter($c->slaveBore()) }}</text>
        @endif
    @endif
    {{-- what lies between --}}
    @if ($c->isHydraulic())
        @php([[$m, $half], $to] = [$c->boreAndHalf($c->masterBore()), $c->isConcentric()
            ? 'V126H'.($bearing + 90).'V136' : 'V'.($end + 12).'H70V'.($end - 12).'H84'])
        <path class="ghost" d="M536 {{ $py + $rod }}H400{{ $to }}" fill="none" stroke-width="5"/>
        <path class="f-card" d="M536 {{ $py + $rod - $half }}h92v{{ $m }}h-92z"/>
        <g data-move="rod"><path class="f-steel" d="M600 {{ $py + $rod - $half + 2 }}h18v{{ $m - 4 }}h-18z"/><path class="ln"
            d="M618 {{ $py + $rod }}H{{ $px }}" stroke-width="4"/></g>
        <text class="svg-t in-field" x="540" y="{{ $py + $rod - $half - 24 }}">master</text>
        <text class="svg-n in-field" x="540" y="{{ $py + $rod - $half - 6 }}">{{ $c->diameter($c->masterBore()) }}</text>
    @else
        <g data-move="rod"><path class="ln" d="M{{ $px }} {{ $py - $rod }}H560" stroke-width="3"/></g>
        <path class="ghost" d="M560 {{ $py - $rod }}C440 {{ $py - $rod }} 470 {{ $end - 6 }} 330 {{ $end - 6 }}" fill="none"
            stroke-width="6"/>
        <g data-move="rod"><path class="ln" d="M330 {{ $end - 6 }}H{{ $fx + 6 }}" stroke-width="3"/></g>
        <text class="svg-t in-field" x="420" y="{{ $py + 50 }}">{{ $c->actuation?->value === 'cable' ? 'cable' : 'linkage' }} <tspan
            class="svg-n">{{ $c->ratio('release.linkage_ratio') }}</tspan></text>
    @endif
    {{-- pedal --}}
    <g data-move="pedal" data-turn="{{ $px }} {{ $py }}"><path class="f-steel"
        d="M{{ $px - 6 }} {{ $c->isHydraulic() ? $py - 8 : $py - $rod - 8 }}h12V{{ $py + $pad }}h-12z"/><rect class="f-brass"
        x="{{ $px - 16 }}" y="{{ $py + $pad - 6 }}" width="42" height="14" rx="4"/></g>
    <circle class="f-card" cx="{{ $px }}" cy="{{ $py }}" r="7"/>
    <text class="svg-t in-field" x="{{ $px + 16 }}" y="{{ $py + 8 }}">pedal</text><text class="svg-n in-field" x="{{ $px + 16 }}"
        y="{{ $py + 28 }}">{{ $c->ratio('release.pedal_ratio') }}</text>
    {{-- as it would be, over what is --}}
    @if ($c->thens() !== [])
        <g class="then-line" data-then-drawn>
            <path data-then="plate" d="M87 34h28v34h12v34H87z"/>
            <path data-then="fingers" data-turn="{{ $rx }} {{ $ry }}" d="M120 62Q{{ $rx }} 72 152 160"/>
            <path data-then="bearing" d="M{{ $c->isPull() ? $bearing - 14 : $bearing }} 140h14v36h-14z"/>
            @unless ($c->isConcentric())<path data-then="fork" data-turn="{{ $fx }} {{ $pivot }}"
                d="M{{ $fx - 6 }} {{ $ax - 12 }}h12V{{ $end }}h-12z"/>@endunless
            <path data-then="pedal" data-turn="{{ $px }} {{ $py }}"
                d="M{{ $px - 6 }} {{ $c->isHydraulic() ? $py - 8 : $py - $rod - 8 }}h12V{{ $py + $pad - 6 }}h-12z"/>
        </g>
    @endif
</svg>
@if ($c->moves())
    <div class="chain-move">
        <button type="button" class="btn small" data-press>Press the pedal</button>
        <input type="range" min="0" max="{{ $c::STEPS }}" step="1" value="{{ $c->opened() }}" aria-label="Pedal, from up to the floor"
            data-pedal>
        <output class="num small" data-read>{{ $c->captions()[$c->opened()][1] }}</output>
        @if ($c->thens() !== [])<span class="then-said small">Dashed: <span data-then-said>{{
            lcfirst(array_values($c->thens())[0]['text']) }}</span>.</span>@endif
    </div>
    <p class="small"><span data-caption aria-live="polite">{{ $c->captions()[$c->opened()][2] }}</span> <span class="soft">Drawn: {{
        $c->scales() }} of the pad’s.</span></p>
@else
    <p class="small">@mark('unmeasured') It moves once the chain is known; missing: {{ implode(', ', $c->missing)
        }}.</p>
@endif
</div>
