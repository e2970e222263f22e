@php([$b, $school] = [$drawings->bleeding(), $drawings->bleeding()->progress->school])
<p class="small"><span class="font-semibold">{{ $school->label() }}.</span> {{ $school->suits() }} About {{
    $page->display->number($school->takes()->as('min'), 0) }} minutes{{ $b->took() === '' ? '' : ', '.$b->took() }}{{
    $school->isForTwo() ? '; two people' : '; alone' }}.</p>
<ol class="bleed" id="label-hydraulics-steps-done" tabindex="-1" aria-label="Steps of the bleeding">
    @foreach ($b->steps() as $n => $step)
        @php([$isDone, $whyNot] = [$b->progress->isTicked($n), $b->whyNot($n)])
        <li @class(['done' => $isDone])><button class="bolt" name="t[bleed]" value="{{ $n }} {{ $isDone ? 'o' : 'x' }}"
                aria-pressed="{{ $isDone ? 'true' : 'false' }}" @disabled($page->job->isSigned() || $whyNot !== '')
                @if ($b->isNext($n) && $whyNot === '') data-next @endif><span class="sr-only">Step {{ $n }} done</span><span
                aria-hidden="true">{{ $isDone ? '✓' : $n }}</span></button>
            <div><span class="tag">{{ $step->who }}</span> <span class="said">{{ $step->text }}</span>
                @if ($step->airGetsIn)<span class="v-near small">Air can get back in here.</span>@endif
                @if ($step->counted !== '')
                    <span class="counter"><button class="bolt" name="t[bleed]" value="{{ $n }} +" @disabled($page->job->isSigned())
                        @if ($b->isNext($n) && $whyNot !== '') data-next @endif><span class="sr-only">{{ $step->counted
                        }} counted at step {{ $n }}: {{ $b->counted($n) }}, </span><span aria-hidden="true">+1</span><span
                        class="sr-only">one more</span></button>
                        <span class="num">{{ $b->counted($n) }} of {{ $step->times }} {{ $step->counted }}</span>
                        @if ($b->counted($n) > 0)<button class="bolt" name="t[bleed]" value="{{ $n }} -"
                            @disabled($page->job->isSigned())><span aria-hidden="true">−1</span><span class="sr-only">one less at step {{
                            $n }}</span></button>@endif</span>
                @endif</div></li>
    @endforeach
</ol>
@if ($b->waitsFor() !== '')<p class="small soft mt-2">{{ $b->waitsFor() }}</p>@endif
