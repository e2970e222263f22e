@php([$f, $d] = [$drawings->triage(), $drawings->triage()->diagnosis])
<p class="text-xl font-bold">@if ($f->isBegun){{ $d->outcome()->label() }}<span
    class="soft small font-normal"> is what the likely causes come to{{ $d->isOutcomeSure() ? ', sure enough to act'
    : '; not sure yet' }}</span>@else Nothing noted yet @endif</p>
@if ($d->remark() !== null)<p class="small soft">{{ $d->remark()->in($page->display) }}</p>@endif
<ol class="causes">
    @foreach ($f->causes as $cause)
        <li>
            <svg viewBox="0 0 300 26" role="img" aria-label="{{ $cause->label }}, {{ $cause->said }}"><rect class="f-card" x="1" y="3"
                width="298" height="20"/><rect id="bar-{{ $cause->id }}" class="moves {{ $loop->first ? 'f-brass' : 'f-steel' }}" x="1"
                y="3" width="{{ $cause->width }}" height="20"/></svg>
            <span class="num">{{ $cause->said }}</span>
            <div><strong>{{ $cause->label }}</strong>
                @if ($cause->for !== '')<span class="small">for it: {{ $cause->for }}.</span>@endif
                @if ($cause->against !== '')<span class="small">against it: {{ $cause->against }}.</span>@endif
                <span class="small soft">Settled by {{ $cause->settles }}.</span></div>
        </li>
    @endforeach
</ol>
@if ($f->isBegun && $f->worthAsking !== '')
    <p><strong>Worth asking the driver</strong>, and costs nothing: {{ $f->worthAsking }}. <a class="underline font-semibold"
        href="#fold-signs">It is there</a>, or <a class="underline font-semibold" href="#fold-absent">it is not</a>.</p>
@endif
@if ($f->next !== null)
    @php($test = $f->next->test)
    <div class="next-test">
        <p><strong>{{ $d->isOutcomeSure() ? 'Sure enough to act. To be surer'
            : 'Next' }}: {{ lcfirst($test->label) }}</strong>, {{ $test->minutes }} min{{ $test->needsHelper ? ', helper'
            : '' }}{{ $test->engineRuns ? ', engine on' : ', engine off' }}. {{ $test->how }}</p>
        @if ($test->caution !== '')<p class="small"><strong>Caution:</strong> {{ $test->caution }}</p>@endif
        <svg class="foresight" viewBox="0 0 760 {{ $f->foresightHeight() }}" role="img"
            aria-label="What each result would change. {{ $f->foresightSaid() }}">
            @foreach ([[256, 'now'], [426, "if yes ({$f->chanceOfYes})"], [596, 'if no']] as [$x, $head])<text class="svg-t" x="{{ $x }}"
                y="16">{{ $head }}</text>@endforeach
            @foreach ($f->moves as $row)
                @php($y = $f->rowAt($loop->index))
                <text class="svg-t" x="244" y="{{ $y + 18 }}" text-anchor="end">{{ $row->label }}</text>
                @foreach ([[256, 'f-steel', $row->now], [426, 'f-brass', $row->yes], [596, 'f-brass', $row->no]] as [$x, $fill, $bar])
                    <rect class="f-card" x="{{ $x }}" y="{{ $y + 3 }}" width="{{ $f::SMALL_WIDTH }}"
                        height="20"/><rect class="{{ $fill }}" x="{{ $x }}" y="{{ $y + 3 }}" width="{{ $bar->width }}" height="20"/>
                    <text class="svg-n" x="{{ $x + $f::SMALL_WIDTH + 8 }}" y="{{ $y + 19 }}">{{ $bar->said }}</text>
                @endforeach
            @endforeach
        </svg>
        <p class="small">Yes means: {{ $test->positive }}. Then most likely {{ lcfirst($f->next->ifPositive->likeliest()->label) }};
            otherwise {{ lcfirst($f->next->ifNegative->likeliest()->label) }}. <a class="underline font-semibold"
            href="#{{ $f->recordedAt() }}">Record how it turned out</a></p>
        <p class="small soft">Takes away the most doubt for each minute: {{ $f->drop }} of {{ $f->doubt }} bits
            expected.@if ($f->after !== '') After it: {{ $f->after }}.@endif</p>
    </div>
@elseif ($f->isBegun)
    <p><strong>Enough tested:</strong> no test that this vehicle can be given would still change what the job comes to.</p>
@endif
<p class="small soft">Directions are common practice, the numbers judgement; none of this is certain.</p>
