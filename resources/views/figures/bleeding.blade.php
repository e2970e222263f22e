@php($school = Spindle\Hydraulics\BleedingRules::schoolFor($page->sheet))
@php($done = $page->values()->words('hydraulics.steps_done'))
<p class="small"><span class="font-semibold">{{ $school->label() }}.</span> {{ $school->suits() }} About {{
    $page->display->number($school->takes()->as('min'), 0) }} minutes{{ $school->isForTwo() ? ', two people' : ', alone' }}.</p>
<ol class="bleed">
    @foreach ($school->steps() as $i => $step)
        <li @class(['done' => in_array('s'.($i + 1), $done, true)])><span class="tag">{{ $step->who }}</span> {{ $step->text }}
            @if ($step->counted !== '')<span class="num small">{{ $step->times }} {{ $step->counted }} at least</span>@endif
            @if ($step->airGetsIn)<span class="v-near small">Air can get back in here.</span>@endif</li>
    @endforeach
</ol>
