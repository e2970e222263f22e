@php([$opening, $findings] = [$bay->opening, $bay->saysFindings() ? $bay->findings() : []])
<x-layout :title="'Practice '.$bay->code().', open'">
    <x-slot:what><strong>Practice {{ $bay->code() }}</strong></x-slot:what>
    <main class="mx-auto blocks max-w-6xl p-4 practice" id="work">
        <h1 class="text-2xl font-bold">{{ ucfirst($bay->played->hidden->build) }}: the gearbox is off <span class="small soft">{{
            $bay->played->minutes }} min of tests; {{ $bay->cost($opening) }} so far</span></h1>
        <p><strong>The customer says:</strong> {{ implode('; ', $bay->complaint()) }}.</p>
        @if (! $opening->isCautioned)
            <section aria-label="Cautions">@foreach ($bay->cautions() as $caution)<x-caution>{{ $caution }}</x-caution>@endforeach
                <p><a class="btn" href="{{ $bay->after('care') }}">Seen to, before hands go in</a></p></section>
        @endif
        @if ($findings !== [])
            <section class="card"><h2 class="!mt-0">What was read says</h2>
                <ul class="plain-list">@foreach ($findings as $finding)<li class="flex gap-2">@mark($finding['verdict'])<span>{{
                    $finding['said'] }}</span></li>@endforeach</ul></section>
        @endif
        <section class="card"><h2 class="!mt-0">Look at a part</h2>
            <p class="small soft">With the instrument in every place, or at one place in a hurry: it is as good as it is.</p>
            <table class="jobs-table dense">
                <caption class="sr-only">Parts, what a look takes, what was read</caption>
                <thead><tr><th scope="col">Part</th><th scope="col">Look</th><th scope="col">Read</th></tr></thead>
                <tbody>@foreach ($opening->parts() as $part)
                    @php($hurried = $opening->looked[$part->value] ?? null)
                    <tr><td>{{ $bay->partName($part) }}</td>
                        <td class="looks" data-of="Look">@if ($hurried !== false)<a class="btn small" href="{{
                            $bay->after('part.'.$part->value) }}">{{ $opening->minutesFor($part, false) }} min<span
                            class="sr-only">, look at {{ $bay->partName($part) }}</span></a>@endif @if ($hurried === null
                            && $opening->isShorterHurried($part))<a class="btn small" href="{{ $bay->after('glance.'.$part->value) }}">{{
                            $opening->minutesFor($part, true) }} min, in a hurry<span class="sr-only">, {{ $bay->partName($part)
                            }}</span></a>@endif</td>
                        <td class="wrap small">@foreach ($bay->read($part) as $one){{ $one['what'] }}: <span class="num">{{ $one['typed']
                            }}</span>@if (! $loop->last); @endif @endforeach</td></tr>
                @endforeach</tbody>
            </table></section>
        <section class="card"><h2 class="!mt-0">What is renewed or put right?</h2>
            <div class="mark-row">@foreach ($opening->works() as $work)
                @php($isIn = in_array($work, $opening->renewed, true))
                <a class="btn" role="button" aria-pressed="{{ $isIn ? 'true' : 'false' }}" href="{{ $bay->after('renew.'.$work->value)
                    }}">@if ($isIn)<span aria-hidden="true">✓ </span>@endif{{ $work->label() }}</a>@endforeach</div>
            <p class="mt-2"><a class="btn main" href="{{ $bay->after('close') }}">Close it, and give it back</a></p></section>
    </main>
</x-layout>
