<svg viewBox="0 0 120 18" class="margin-bar" aria-hidden="true">
@if ($m->from !== null && $m->to !== null)<path class="f-band" d="M{{ $m->from }} 1H{{ $m->to }}V17H{{ $m->from }}Z"/>@endif
@if ($m->carried !== null)<path class="f-steel" d="M2 5H{{ $m->carried }}V13H2Z"/>@endif
@if ($m->least !== null)<path class="l-brass" d="M{{ $m->least }} 3V15"/>@endif
@if ($m->engine !== null)<path class="ln" d="M{{ $m->engine }} 1V17"/>@endif
</svg>
