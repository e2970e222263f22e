@php($d = $drawings->stages())
@if ($d !== null)
    <svg viewBox="0 0 780 176" role="img" aria-label="Both stages over one pedal: @foreach ($d->lanes as $lane){{ $lane['name'] }} {{
        $lane['text'] }}; @endforeach{{ $d->beginsText }}">
        @foreach ($d->lanes as $lane)
            <g transform="translate(0 {{ $lane['y'] }})">
                <text class="svg-t" x="{{ $d::LEFT }}" y="-8">{{ $lane['name'] }}, {{ $lane['text'] }}</text>
                <rect class="f-card" x="{{ $d::LEFT }}" y="0" width="{{ $d::WIDTH }}" height="24"/>
                <path class="zone-take_up" d="M{{ $lane['pressed'] }} 0H{{ $lane['free'] }}V24H{{ $lane['pressed'] }}z"/>
                <path class="zone-free" d="M{{ $lane['free'] }} 0H{{ $lane['end'] }}V24H{{ $lane['free'] }}z"/>
            </g>
        @endforeach
        <path class="l-jade" d="M{{ $d->begins }} 34V128"/>
        @if ($d->stop !== null)<path class="ln" d="M{{ $d->stop }} 34V128" stroke-width="4"/>
            <text class="svg-t" x="{{ $d->stop }}" y="146" text-anchor="middle">{{ $d->stopText }}</text>@endif
        <text class="svg-t svg-soft" x="{{ $d::LEFT }}" y="166">{{ $d->beginsText }}; {{ $d->travelText }}</text>
    </svg>
@endif
