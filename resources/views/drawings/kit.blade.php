@if ($d === null)
    <p class="small soft">Drawn once the diameters of its lining are known.</p>
@else
    @php($s = $d->section())
    <svg viewBox="0 0 680 264" role="img" aria-label="The kit to scale: lining {{ $d->said('lining_outer', $display, 1.0) }} outside, {{
        $d->said('lining_inner', $display, 1.0) }} inside">
        <circle class="ln" cx="150" cy="132" r="{{ $d->outer }}" fill="none"/>
        @if ($d->pads === [])
            <path class="f-lining" fill-rule="evenodd" d="M{{ 150 - $d->outer }} 132a{{ $d->outer }} {{ $d->outer }} 0 1 0 {{
                $d->outerWidth() }} 0a{{ $d->outer }} {{ $d->outer }} 0 1 0 {{
                -$d->outerWidth() }} 0Zm{{ $d->outer - $d->inner }} 0a{{ $d->inner }} {{
                    $d->inner
                }} 0 1 1 {{ $d->innerWidth() }} 0a{{ $d->inner }} {{ $d->inner }} 0 1 1 {{ -$d->innerWidth() }} 0Z"/>
        @endif
        @foreach ($d->pads as $pad)<path class="f-lining" d="{{ $pad }}"/>@endforeach
        <circle class="ln" cx="150" cy="132" r="{{ $d->inner }}" fill="none"/>
        <circle class="f-steel" cx="150" cy="132" r="{{ $d->hubOuter() }}"/><circle class="ln" cx="150" cy="132" r="{{ $d->hub }}"
            fill="none" stroke-dasharray="3 2"/>
        @if ($d->boltCircle > 0)<circle class="l-brass" cx="150" cy="132" r="{{ $d->boltCircle }}" fill="none"
            stroke-dasharray="2 5"/>@endif
        @foreach ($d->bolts as [$x, $y])<circle class="ln" cx="{{ $x }}" cy="{{ $y }}" r="3.5" fill="none"/>@endforeach
        <text class="svg-t" x="150" y="260" text-anchor="middle">{{ $d->said('lining_outer', $display, 1.0) }} · {{
            $d->said('lining_inner', $display, 1.0) }}</text>
        @if ($s !== null)
            <path class="ln" d="M360 20V244"/><text class="svg-t svg-soft" x="354" y="16" text-anchor="end">flywheel face</text>
            <rect class="f-lining" x="360" y="{{ 132 - $s['half'] }}" width="{{ $s['thickness'] }}" height="58"/>
            <rect class="f-lining" x="360" y="{{ 132 + $s['half'] - 58 }}" width="{{ $s['thickness'] }}" height="58"/>
            <rect class="f-steel" x="{{ 360 + $s['platesFrom'] }}" y="{{ 132 - $s['half'] + 58 }}" width="{{ $s['plates'] }}"
                height="{{ $s['between'] }}"/>
            <rect class="f-steel" x="{{ 360 - ($s['flywheelSide'] ?? 0) }}" y="{{ 132 - $s['hubHalf'] }}" width="{{ ($s['flywheelSide']
                ?? 0)
                + $s['thickness'] + ($s['gearboxSide'] ?? 0) }}" height="{{ $s['hubHeight'] }}"/>
            @if ($s['fingers'] !== null)
                <path class="ln" d="M{{ 360 + $s['thickness'] + 26 }} 44L{{ 360 + $s['fingers'] }} 104M{{ 360 + $s['thickness'] + 26
                    }} 220L{{ 360 + $s['fingers'] }} 160" stroke-width="4"/>
                <path class="ln" d="M360 248H{{ 360 + $s['fingers'] }}" stroke-dasharray="4 3"/>
                <text class="svg-t" x="{{ 366 + $s['fingers'] }}" y="252">fingers {{ $d->said('finger_height', $display) }}</text>
            @endif
            <text class="svg-t" x="366" y="24">{{ $d->said('thickness_new', $display) }}</text>
            @if ($s['flywheelSide'] !== null)<text class="svg-t svg-soft" x="{{ 352 - $s['flywheelSide'] }}" y="136"
                text-anchor="end">{{ $d->said('hub_flywheel', $display) }}</text>@endif
            @if ($s['gearboxSide'] !== null)<text class="svg-t svg-soft" x="{{ 366 + $s['thickness'] + $s['gearboxSide'] }}"
                y="136">{{ $d->said('hub_gearbox', $display) }}</text>@endif
        @endif
    </svg>
@endif
