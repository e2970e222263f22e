@php($b = $drawings->bleeding())
<p class="small"><span class="font-semibold">{{ $b->school->label() }}.</span> {{ $b->school->suits() }} About {{
    $page->display->number($b->school->takes()->as('min'), 0) }} minutes{{ $b->took() === '' ? '' : ', '.$b->took() }}{{
    $b->school->isForTwo() ? '; two people' : '; alone' }}.</p>
<ol class="bleed">
    @foreach ($b->steps() as $i => $step)
        <li @class(['done' => $b->isDone($i + 1)])><span class="tag">{{ $step->who }}</span> <span class="said">{{ $step->text }}</span>
            @if ($step->airGetsIn)<span class="v-near small">Air can get back in here.</span>@endif
            @if ($step->counted !== '')
                <span class="counter"><button class="bolt" name="t[bleed]" value="{{ $i + 1 }} +" @disabled($page->job->isSigned())
                    @if ($b->now() === $i + 1) data-next @endif><span class="sr-only">{{ $step->counted }} counted at step {{ $i + 1 }}: {{
                    $b->counted($i + 1) }}, </span><span aria-hidden="true">+1</span><span class="sr-only">one more</span></button>
                    <span class="num">{{ $b->counted($i + 1) }} of {{ $step->times }} {{ $step->counted }}</span>
                    @if ($b->counted($i + 1) > 0)<button class="bolt" name="t[bleed]" value="{{ $i + 1 }} -"
                        @disabled($page->job->isSigned())><span aria-hidden="true">−1</span><span class="sr-only">one less at step {{
                        $i + 1 }}</span></button>@endif</span>
            @endif</li>
    @endforeach
</ol>
