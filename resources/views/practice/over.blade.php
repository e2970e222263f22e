@php([$own, $hidden] = [$debrief->way->own, $debrief->hidden])
<x-layout :title="'Practice '.$hidden->seed->code().', how it went'">
    <x-slot:what><strong>Practice {{ $hidden->seed->code() }}</strong></x-slot:what>
    <main class="mx-auto blocks max-w-4xl p-4 practice" id="work">
        <h1 class="text-2xl font-bold">{{ ucfirst(implode(', and ', array_map(
            fn ($cause) => lcfirst($cause->label), $hidden->causes))) }}</h1>
        <x-told />
        <p class="flex gap-2">@mark($debrief->isPutRight() ? 'within' : 'out')<span><strong>{{ $debrief->isPutRight()
            ? 'Put right' : 'Not put right' }}.</strong> It comes to: {{ lcfirst($hidden->outcome()->label()) }}, settled by {{
            $hidden->causes[0]->settles }}. @if ($own->outcome === null)What it comes to was never said.@else You said: {{
            lcfirst($own->outcome->label()) }}.@endif @if ($own->isOpenedForNothing())The gearbox came off for nothing.@endif</span></p>
        @if ($debrief->stillWrong() !== [])
            <p>Still there when it was given back: {{ implode('; ', array_map(fn ($cause) => lcfirst($cause->label),
                $debrief->stillWrong())) }}.</p>
        @endif
        @include('practice.course')
        <section class="card"><h2 class="!mt-0">The work</h2>
            @foreach ($at->comesBack($page) as $one)<p class="flex gap-2">@mark('out')<span>Left as it was: {{ lcfirst($one['what'])
                }}. It comes back {{ $one['when'] }}.</span></p>@endforeach
            @if ($debrief->needless() !== [])<p>Renewed though nothing was wrong with it: {{ implode(', ', array_map(
                fn ($work) => lcfirst($work->label()), $debrief->needless())) }}.</p>@endif
            @if ($debrief->kit() !== '')
                <p class="flex gap-2">@mark($debrief->isKitRight() ? 'within' : 'out')<span>Kit: {{ $debrief->kit() }}. {{
                    $debrief->isKitRight() ? 'It is right for this vehicle.' : 'Another one would have been right.' }}
                    @if ($debrief->liedAbout() !== null)The list did not tell the truth about its {{ $debrief->liedAbout()->spoken()
                    }}; on the bench it shows.@endif</span></p>
            @endif
            @if ($debrief->slips())<p class="flex gap-2">@mark('out')<span>It carries less than the engine gives: it slips at
                once.</span></p>@endif
            @if ($debrief->freePlay() !== null)
                <p class="flex gap-2">@mark($debrief->freePlay()->isRight ? 'within' : 'out')<span>Free play was left at {{
                    $page->display->quantity($debrief->freePlay()->left, 0.1) }}; {{ $page->display->quantity($debrief->freePlay()->right,
                    0.1) }} is right for it.</span></p>
            @endif
            @foreach ($debrief->out() as $finding)<p class="flex gap-2">@mark('out')<span>As it was left: {{
                $finding->say($page->display) }}</span></p>@endforeach
            @foreach ($debrief->passedOver as $station)<p class="flex gap-2">@mark('out')<span>At {{ $station->label()
                }} hands went in before the cautions were seen to.</span></p>@endforeach
            <p class="small">Readings and tests took {{ $debrief->minutes }} min; kit and parts {{
                $page->display->number($debrief->money(), 0) }}, against {{ $page->display->number($debrief->bestMoney(), 0)
                }} for what was wanted (invented prices). {{ $debrief->owed() === 0
                ? 'A real job like this could be signed.' : 'A real job like this could not be signed yet: '.$debrief->owed()
                .' things are open.' }} <a class="link" href="{{ route('station', [$job, 'record']) }}">As it was left</a></p></section>
        <x-form :action="route('job.practice.show', $job)" class="small"><input type="hidden" name="shown" value="{{
            $at->practice->is_shown ? 0 : 1 }}">The lead {{ $at->practice->is_shown ? 'sees' : 'does not see' }} how this one went. <button
            class="link small">{{ $at->practice->is_shown ? 'Keep it to yourself' : 'Let the lead see it' }}</button></x-form>
        <p><strong>Next:</strong> {{ $debrief->next() === $hidden->level ? 'once more as hard as this' : 'one rung up' }}, {{
            lcfirst($debrief->next()->label()) }}.</p>
        <p class="mark-row"><a class="btn main" href="{{ $again }}?level={{ $debrief->next()->value }}">Another vehicle</a> <a class="btn"
            href="{{ $again }}?vehicle={{ $hidden->seed->code() }}&amp;level={{ $hidden->level->value }}">The same again</a></p>
    </main>
</x-layout>
