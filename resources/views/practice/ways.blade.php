<x-layout title="Practice, side by side">
    <x-slot:what><strong>Practice</strong></x-slot:what>
    <main class="mx-auto blocks max-w-4xl p-4 practice" id="work">
        <h1 class="text-2xl font-bold">Ways side by side</h1>
        <form method="get" action="{{ route('practice.ways') }}" class="card grid gap-3">
            <label for="ways">A line for each: a name, and the address at which somebody stands at the end. Five at most, of one
                vehicle.</label>
            <textarea class="plain" id="ways" name="ways" rows="5" spellcheck="false">{{ $text }}</textarea>
            @foreach ($ways->refused as $refusal)<p class="refusal" role="alert">{{ $refusal }}</p>@endforeach
            <div><button class="btn main">Lay them side by side</button></div>
        </form>
        @if ($course !== null)
            <section class="card"><h2 class="!mt-0">How sure, over the minutes</h2>
                @include('drawings.course')
                <table class="jobs-table dense"><caption class="sr-only">Each way</caption>
                    <thead><tr><th scope="col">Who</th><th scope="col">Minutes</th><th scope="col">Tests</th><th scope="col">Came to</th>
                        <th scope="col">With the gearbox off</th></tr></thead>
                    <tbody>@foreach ($ways->ways as $name => $bay)
                        <tr><td>{{ $name }}</td><td class="num" data-of="Minutes">{{ $bay->played->minutes }}</td><td class="num"
                            data-of="Tests">{{ count($bay->played->tests()) }}</td>
                            <td class="wrap">@if ($bay->cameTo() === '')not said yet @else {{ $bay->cameTo() }}, {{
                                $bay->played->isRight() ? 'right' : 'not right' }}@endif</td>
                            <td class="wrap small">@if ($bay->opening->isClosed){{ $bay->cost($bay->opening) }}; {{ $bay->left() === []
                                ? 'nothing left' : 'left: '.implode(', ', $bay->left()) }}@else – @endif</td></tr>
                    @endforeach</tbody></table></section>
        @endif
        <p><a class="btn" href="{{ route('practice') }}">To the practice bay</a></p>
    </main>
</x-layout>
