@php($s = App\Figures\TorqueScale::of($page))
<svg viewBox="0 0 680 130" role="img" aria-label="Engine torque {{ $s->engineText ?:
    'not known' }}, wanted from the clutch {{ $s->requiredText ?: 'not known' }}">
    <path class="ln" d="M110 84H660"/>
    @if ($s->engine !== null)
        <rect class="f-steel" x="110" y="52" width="{{ $s->engine - 110 }}" height="26"/>
        @if ($s->required !== null)<rect class="f-gone" x="{{ $s->engine }}" y="52" width="{{ max(0, $s->required - $s->engine) }}"
            height="26"/>@endif
        @include('figures.torque-lines', ['s' => $s, 'top' => 44, 'bottom' => 90])
    @else
        <text class="svg-t svg-soft" x="340" y="68" text-anchor="middle">Engine torque not known yet</text>
    @endif
    <text class="svg-t" x="100" y="70" text-anchor="end">Engine</text>
</svg>
