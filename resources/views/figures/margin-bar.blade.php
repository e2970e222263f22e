@php($m = App\Figures\MarginBar::of($page, $row->assessment))
<svg viewBox="0 0 120 18" class="margin-bar" aria-hidden="true">
    @if ($m->from !== null && $m->to !== null)<rect class="f-band" x="{{ $m->from }}" y="1" width="{{ round(max(0, $m->to - $m->from), 1) }}" height="16"/>@endif
    @if ($m->carried !== null)<rect class="f-steel" x="2" y="5" width="{{ round(max(0, $m->carried - 2), 1) }}" height="8"/>@endif
    @if ($m->least !== null)<path class="l-brass" d="M{{ $m->least }} 3V15"/>@endif
    @if ($m->engine !== null)<path class="ln" d="M{{ $m->engine }} 1V17"/>@endif
</svg>
