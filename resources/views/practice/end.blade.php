@php([$own, $hidden] = [$debrief->own, $debrief->own->hidden])
<x-layout :title="'Practice '.$bay->code().', what it was'">
    <x-slot:what><strong>Practice {{ $bay->code() }}</strong></x-slot:what>
    <main class="mx-auto blocks max-w-4xl p-4 practice" id="work">
        <h1 class="text-2xl font-bold">{{ ucfirst(implode(', and ', array_map(
            fn ($cause) => lcfirst($cause->label), $hidden->causes))) }}</h1>
        <p class="flex gap-2">@mark($own->isRight() ? 'within' : 'out')<span><strong>{{ $own->isRight() ? 'Right'
            : 'Not right' }}.</strong> You said: {{ lcfirst($own->outcome->label()) }}. It comes
            to: {{ lcfirst($hidden->outcome()->label()) }}, settled by {{ $hidden->causes[0]->settles }}.
            @if ($own->isOpenedForNothing())The gearbox came off for nothing.@endif</span></p>
        @include('practice.course')
        @if ($own->isRight() && $bay->opening->isClosed)
            @php([$opening, $best] = [$bay->opening, $bay->best()])
            <section class="card"><h2 class="!mt-0">With the gearbox off</h2>
                @if ($opening->left() === [])<p class="flex gap-2">@mark('within')<span>All that was wrong was put right.</span></p>@endif
                @foreach ($bay->comesBack() as $one)<p class="flex gap-2">@mark('out')<span>Left as it was: {{ lcfirst($one['what'])
                    }}. It comes back {{ $one['when'] }}.</span></p>@endforeach
                @if ($opening->unseen() !== [])<p>Never looked at, and it carried the fault: {{ implode(', ', array_map(
                    fn ($part) => lcfirst($bay->partName($part)), $opening->unseen())) }}.</p>@endif
                @if ($opening->needless() !== [])<p>Renewed though nothing was wrong with it: {{ implode(', ', array_map(
                    fn ($work) => lcfirst($work->label()), $opening->needless())) }}.</p>@endif
                @if (! $opening->isCautioned)<p class="flex gap-2">@mark('out')<span>Hands went in before the cautions were seen
                    to.</span></p>@endif
                <p class="small">You: {{ $bay->cost($opening) }}. Everything looked at, and what was wrong renewed: {{ $bay->cost($best)
                    }}. Hours by class as they are planned; prices are invented.</p></section>
        @elseif (! $own->isRight())
            <p>The complaint comes back at once: it was not that.@if ($bay->opening->isClosed) Opening it took {{ $bay->cost($bay->opening)
                }}.@endif</p>
        @endif
        <p class="mark-row"><a class="btn main" href="{{ route('practice', ['seed' => '']) }}">Another vehicle</a> <a class="btn"
            href="{{ $bay->anew() }}">The same again</a> <a class="btn" href="{{ route('practice') }}">Choose</a></p>
    </main>
</x-layout>
