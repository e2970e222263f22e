@php($d = $drawings->disc($part ?? 'disc'))
@php($t = $d::TOP)
<svg viewBox="-6 0 436 300" role="img" aria-label="Edge of the disc: new {{ $d->new ?: 'not entered' }}, now {{ $d->now ?:
    'not measured' }}. {{ $d->used }}">
    @include('drawings.hatch', ['id' => 'hatch-'.($part ?? 'disc')])
    <text class="svg-t svg-soft" x="210" y="22" text-anchor="middle">flywheel side</text>
    <text class="svg-t svg-soft" x="210" y="292" text-anchor="middle">cover side</text>
    {{-- what is worn off, then what is left --}}
    <rect class="f-gone" x="90" y="{{ $t }}" width="240" height="{{ $d->wornTop }}"/>
    <rect class="f-gone" x="90" y="{{ $d->bottom - $d->wornBottom }}" width="240" height="{{ $d->wornBottom }}"/>
    <rect class="f-lining" x="90" y="{{ $t + $d->wornTop }}" width="240" height="{{ 90 - $d->wornTop }}"/>
    <rect class="f-lining" x="90" y="160" width="240" height="{{ $d->bottom - 160 - $d->wornBottom }}"/>
    <rect class="f-steel" x="82" y="140" width="256" height="20"/>
    <rect x="82" y="140" width="256" height="20" fill="url(#hatch-{{ $part ?? 'disc' }})"/>
    @foreach ([130, 258] as $x)
        <rect class="f-card" x="{{ $x }}" y="{{ $t + $d->wornTop }}" width="34" height="{{ $d->leftOver($d->wornTop) }}"/>
        <rect class="f-steel" x="{{ $x }}" y="{{ $t + $d->headDown($d->wornTop) }}" width="34"
            height="{{ $d->headHeight() }}"/>
        <rect class="f-steel" x="{{ $x + 12 }}" y="{{ $t + $d->usable }}" width="10" height="{{ $d->leftOver($d->usable) }}"/>
        <rect class="f-card" x="{{ $x }}" y="160" width="34" height="{{ $d->leftOver($d->wornBottom) }}"/>
        <rect class="f-steel" x="{{ $x }}" y="{{ $d->bottom - 14 - $d->headDown($d->wornBottom) }}" width="34" height="14"/>
        <rect class="f-steel" x="{{ $x + 12 }}" y="160" width="10" height="{{ $d->leftOver($d->usable) }}"/>
    @endforeach
    {{-- rivet line each side --}}
    <path class="ghost" d="M60 {{ $t + $d->usable }}H360M60 {{ $d->bottom - $d->usable }}H360"/>
    {{-- dimension lines: new on the left, now on the right --}}
    <x-dimension vertical :from="$t" :to="$d->bottom" :at="68" :reach="[[-6, 86], [-6, 86]]" />
    <text class="svg-t" x="60" y="140" text-anchor="end">new</text>
    <text class="svg-n" x="62" y="162" text-anchor="end">{{ $d->new ?: '?' }}</text>
    <x-dimension vertical :from="$t + $d->wornTop" :to="$d->bottom - $d->wornBottom" :at="352" :reach="[[334, 430], [334, 430]]" />
    <text class="svg-t" x="362" y="140">now</text>
    <text class="svg-n" x="360" y="162">{{ $d->now ?: '?' }}</text>
    <text class="svg-n" x="210" y="{{ $t - 8 }}" text-anchor="middle">{{ $d->topDepth !== '' ? 'rivets '.$d->topDepth.' down' : '' }}</text>
    <text class="svg-n" x="210" y="{{ $d->bottom + 20 }}" text-anchor="middle">{{ $d->bottomDepth !== '' ? 'rivets '.$d->bottomDepth.' down'
        : '' }}</text>
    <text class="svg-n" x="210" y="155" text-anchor="middle">{{ $d->used }}</text>
</svg>
