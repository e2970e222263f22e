@php($s = App\Figures\TorqueScale::of($page, $row->assessment, 4.0, 180.0))
<svg viewBox="0 0 190 46" aria-hidden="true">
    @foreach ($s->bars as $i => [$label, $end, $text])
        @if ($label === 'Run in')<rect class="f-steel" x="4" y="10" width="{{ $end - 4 }}" height="14"/>@endif
        @if ($label === 'Hot')<rect class="f-lining" x="4" y="26" width="{{ $end - 4 }}" height="8"/>@endif
    @endforeach
    @if ($s->engine !== null)<path class="ln" d="M{{ $s->engine }} 2V44"/>@endif
    @if ($s->required !== null)<path class="l-jade" d="M{{ $s->required }} 2V44"/>@endif
</svg>
