{{-- How a finding came about: loaded when it is opened. --}}
<dl>
    @php([$readings, $worked] = [$tell->readings($page, $finding), $tell->worked($page, $finding)])
    @if ($finding->hasFormula())<dt>How</dt><dd>{{ $finding->formula($page->display) }}</dd>@endif
    @if ($worked !== '')<dt>With the numbers</dt><dd class="num">{{ $worked }}</dd>@endif
    @if ($readings !== [])
        <dt>Readings</dt>
        @foreach ($readings as $key => [$label, $typed])
            <dd><a class="underline" href="{{ $tell->placeOf($page, $key) }}">{{ $label }}</a>:
                <span class="num">{{ $typed }}</span></dd>
        @endforeach
    @endif
    @if ($finding->limit !== null)
        <dt>Limit</dt>
        <dd><span class="num">{{ $finding->limit->wording($page->display) }}</span>@if ($finding->limit->remark($page->display)
            !== ''), {{ $finding->limit->remark($page->display) }}@endif</dd>
        <dt>Source</dt>
        <dd>{{ $finding->limit->source->value === 'practice' ? 'No maker’s figure entered; common practice used'
            : ucfirst($finding->limit->source->value) }}{{ $tell->restsOnUnchecked($page, $finding)
            ? ', not checked by the lead yet' : '' }}@if ($finding->limit->mark
            !== null) ({{ $finding->limit->mark->meaning() }})@endif</dd>
    @endif
    @foreach ($tell->makersFigures($finding) as $key)
        <dd>@reading($key)</dd>
    @endforeach
</dl>
