@php([$d, $hold] = [$drawings->starts(), $page->assessment->figure('launch.holding_time')])
@if ($d === null)
    <p class="small soft">The plates’ temperature over ten starts is drawn once the start and the mass of the plate are known.</p>
@else
    <svg viewBox="0 0 680 166" role="img" aria-label="One start heats the plates by {{ $d->each }} K, ten a minute apart by {{
        $d->afterAll }} K">
        <path class="ln" d="M60 140H660M60 20V140" fill="none"/><path class="l-brass" d="{{ $d->path }}" fill="none"/>
        <text class="svg-t" x="66" y="{{ $d->topSaidAt }}">+{{ $d->afterAll }} K after ten</text>
        <text class="svg-t svg-soft" x="56" y="136" text-anchor="end">0</text><text class="svg-t svg-soft" x="640" y="158"
            text-anchor="end">ten starts, a minute apart; one alone +{{ $d->each }} K</text>
    </svg>
@endif
@if (is_float($hold))<p class="font-semibold">For the driver: never hold this vehicle on the hill with the clutch; after
    {{ $page->display->number($hold, 0) }} seconds the lining has taken all it stands.</p>@endif
