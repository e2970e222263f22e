@php($d = Spindle\JobSheet\TriageOfSheet::diagnosis($bench->sheet))
@php($say = fn (string $name): string => Spindle\Triage\Signs::all()[$name] ?? lcfirst(Spindle\Triage\Tests::all()[$name]->label))
@php($begun = Spindle\JobSheet\TriageOfSheet::isBegun($bench->sheet))
<p class="text-xl font-bold">@if ($begun){{ $d->outcome()->label() }}<span class="soft small font-normal"> is what the likely causes come to{{ $d->isSure() ? '' : '; not sure yet' }}</span>@else Nothing noted yet @endif</p>
@if ($d->remark() !== '')<p class="small soft">{{ $d->remark() }}</p>@endif
<ol class="causes">
    @foreach ($d->worthShowing() as $id => $chance)
        @php($cause = Spindle\Triage\Causes::all()[$id])
        @php($reasons = $d->reasons($cause))
        <li>
            <svg viewBox="0 0 300 26" role="img" aria-label="{{ $cause->label }}, {{ round(100 * $chance) }} per cent"><rect class="f-card" x="1" y="3" width="298" height="20"/><rect class="{{ $loop->first ? 'f-brass' : 'f-steel' }}" x="1" y="3" width="{{ round(298 * $chance, 1) }}" height="20"/></svg>
            <span class="num">{{ $chance > 0.95 ? '> 95 %' : ($chance < 0.01 ? '< 1 %' : $bench->display->percent($chance)) }}</span>
            <div><strong>{{ $cause->label }}</strong>
                @if ($reasons['for'] !== [])<span class="small">for it: {{ implode(', ', array_map($say, $reasons['for'])) }}.</span>@endif
                @if ($reasons['against'] !== [])<span class="small">against it: {{ implode(', ', array_map($say, $reasons['against'])) }}.</span>@endif
                <span class="small soft">Settled by {{ lcfirst($cause->settles) }}.</span></div>
        </li>
    @endforeach
</ol>
@php($next = $d->nextTests())
@if ($next !== [])
    @php($best = $next[0])
    <div class="next-test">
        <p><strong>{{ $d->isSure() ? 'Sure enough to act. To be surer' : 'Next' }}: {{ lcfirst($best->test->label) }}</strong>, {{ $best->test->minutes }} min{{ $best->test->needsHelper ? ', helper' : '' }}{{ $best->test->engineRuns ? ', engine on' : ', engine off' }}. {{ $best->test->how }}</p>
        <ul class="small">
            <li>Yes ({{ $bench->display->percent($best->chanceOfPositive) }}), {{ $best->test->positive }}: then likeliest {{ lcfirst($best->ifPositive->label) }}.</li>
            <li>No: then likeliest {{ lcfirst($best->ifNegative->label) }}.</li>
        </ul>
        <p class="small soft">Takes away the most doubt for each minute. After it: {{ implode(', ', array_map(fn ($n) => lcfirst($n->test->label).' ('.$n->test->minutes.' min)', array_slice($next, 1, 3))) }}.</p>
    </div>
@endif
<p class="small soft">Directions are common practice, the numbers judgement; none of this is certain.</p>
