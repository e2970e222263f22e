@if ($c === null)
    <p class="small soft">The clamp load through life is drawn once spring data, or the clamp load at the wear limit, are known.</p>
@else
    <svg viewBox="0 0 320 150" role="img" aria-label="Clamp load from {{ $display->quantity($c->new, 10.0) }} new to {{
        $display->quantity($c->worn, 10.0) }} at the wear limit">
        <path class="ln" d="M12 120H306M12 20V120" fill="none"/><path class="l-jade" d="{{ $c->path }}" fill="none"/>
        <text class="svg-t" x="18" y="{{ $c->newSaidAt }}">{{ $display->quantity($c->new, 10.0) }} new</text>
        <text class="svg-t" x="304" y="{{ $c->wornSaidAt }}" text-anchor="end">{{ $display->quantity($c->worn, 10.0) }}</text>
        <text class="svg-t svg-soft" x="304" y="140" text-anchor="end">{{ $display->quantity($c->wear, 0.1) }} of lining worn</text>
    </svg>
    <p class="small soft">{{ ucfirst($c->life->origin) }}.</p>
@endif
