@php($d = $drawings->compared($seen))
<svg viewBox="0 0 680 240" role="img" aria-label="What the engine gives, and what each kit carries from worn to new">
    <path class="ln" d="M{{ $d::LEFT }} 208H{{ $d::RIGHT }}M{{ $d::LEFT }} 20V208" fill="none"/>
    @if ($d->curve !== '')<path class="ln" d="{{ $d->curve }}" fill="none" stroke-width="3"/><text class="svg-t" x="62"
        y="{{ $d->engineSaidAt }}">engine {{ $d->engineText }}</text>@endif
    @if ($d->required !== null)<path class="l-jade" d="M{{ $d::LEFT }} {{ $d->required }}H{{ $d::RIGHT }}"/><text class="svg-t" x="62"
        y="{{ $d->requiredSaidAt }}">wanted</text>@endif
    @foreach ($d->speeds as [$x, $text])<text class="svg-t svg-soft" x="{{ $x }}" y="226" text-anchor="middle">{{ $text }}</text>@endforeach
    @foreach ($d->bands as $i => $b)
        <rect class="f-band" x="{{ $b['x'] }}" y="{{ $b['high'] }}" width="{{ $b['width'] }}" height="{{ $b['height'] }}"/>
        <path class="l-brass" d="M{{ $b['x'] }} {{ $b['runIn'] }}h{{ $b['width'] }}" stroke-width="3"/>
        <text class="svg-t" x="{{ $b['middle'] }}" y="226" text-anchor="middle">{{ $i + 1 }} · {{ $b['short'] }}</text>
        <text class="svg-n" x="{{ $b['middle'] }}" y="{{ $b['saidAt'] }}" text-anchor="middle">× {{ $b['text'] }}</text>
    @endforeach
</svg>
<p class="small soft">Each column is one kit, from what it carries worn or hot up to new; the line in it is run in, the figure what that
    is over
    the engine.</p>
