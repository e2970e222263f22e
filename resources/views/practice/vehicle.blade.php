<x-layout :title="'Practice '.$bay->code()">
    <x-slot:what><strong>Practice {{ $bay->code() }}</strong></x-slot:what>
    <main class="mx-auto blocks max-w-6xl p-4 practice" id="work">
        <h1 class="text-2xl font-bold">{{ ucfirst($bay->played->hidden->build) }} <span class="small soft">{{
            lcfirst($bay->played->hidden->level->label()) }} · {{ $bay->played->minutes }} min so far</span></h1>
        <p><strong>The customer says:</strong> {{ implode('; ', $bay->complaint()) }}.</p>
        @if ($bay->found() !== [])
            <section class="card"><h2 class="!mt-0">Known by now</h2>
                <ul class="plain-list">@foreach ($bay->found() as $one)<li><strong>{{ $one['isThere'] ? 'Yes'
                    : 'No' }}</strong>: {{ $one['what'] }}</li>@endforeach</ul></section>
        @endif
        @if ($bay->proposal() !== null)
            <p><strong>Triage would</strong> <a class="link" href="{{ $bay->proposal()['to'] }}">{{ $bay->proposal()['what'] }}</a></p>
        @endif
        @if ($bay->showsCauses())
            <section class="card"><h2 class="!mt-0">As triage sees it</h2>
                <ul class="plain-list">@foreach ($bay->causes() as $cause => $chance)<li><span class="num">{{ $chance }}</span> {{ $cause
                    }}</li>@endforeach</ul></section>
        @elseif ($bay->canLookUp())
            <p><a class="link" href="{{ $bay->after('look') }}">Look the causes up</a>
                <span class="small soft">It counts as asked for.</span></p>
        @endif
        <section class="card"><h2 class="!mt-0">What does the job come to?</h2>
            <div class="mark-row">@foreach ($bay->outcomes() as $outcome)<a class="btn" href="{{ $bay->after('say.'.$outcome->value) }}">{{
                $outcome->label() }}</a>@endforeach</div></section>
        <section class="card"><h2 class="!mt-0">Test from outside</h2>
            <table class="jobs-table dense">
                <caption class="sr-only">Tests that can be made, the shortest first</caption>
                <thead><tr><th scope="col">Minutes</th><th scope="col">Test</th><th scope="col">Caution</th></tr></thead>
                <tbody>@foreach ($bay->tests() as $test)
                    <tr><td class="num" data-of="Minutes">{{ $test->minutes }}</td><td class="wrap"><a
                        href="{{ $bay->after('test.'.$test->id) }}">{{ $test->label }}</a> <span
                        class="small soft">{{ $test->how }}</span></td>
                        <td class="small wrap">{{ $test->caution ?: '–' }}</td></tr>
                @endforeach</tbody>
            </table></section>
        <section class="card"><h2 class="!mt-0">Ask the customer</h2>
            @foreach ($bay->signs() as $group => $signs)
                <details><summary class="font-semibold py-2">{{ $group }}</summary>
                    <ul class="plain-list">@foreach ($signs as $sign => $text)<li><a class="link"
                        href="{{ $bay->after('ask.'.$sign) }}">{{ $text }}</a></li>@endforeach</ul></details>
            @endforeach</section>
    </main>
</x-layout>
