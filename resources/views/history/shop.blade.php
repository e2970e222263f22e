@php($sets = [
    ['Which kits last', 'Distance for a millimetre of lining, by the kit that was in and the duty it had.', 'kits', 'km/mm', -2],
    ['What comes back', 'The same kind of fault again on the same vehicle; years since the time before.', 'causes', 'years', 1],
    ['Done twice within a year', 'What was found the second time; months between.', 'twice', 'months', 1],
    ['Hours against the plan', 'Hours taken for each hour planned.', 'hours', '× planned', 2],
    ['Limits met most often', 'Findings that were near or out.', 'limits', '', 0],
])
<x-layout title="History of the shop">
    <x-slot:what><strong>History of the shop</strong></x-slot:what>
    <main class="mx-auto blocks max-w-6xl p-4 history-sets" id="work">
        <h1 class="text-2xl font-bold">What {{ $history->jobs }} signed jobs say</h1>
        @if ($history->jobs === 0)<p>Nothing is signed yet. Each signed job adds to this page.</p>
        @else<p class="small soft">The bar is the middle half of the jobs, the stroke their middle, each point a job: open it by a
            click. The numbers stand behind each.</p>@endif
        @foreach ($sets as [$title, $about, $kind, $unit, $digits])
            @php([$rows, $plot] = [$history->{$kind}, $plots[$kind] ?? null])
            <section class="card"><h2 class="!mt-0">{{ $title }}</h2><p class="small soft">{{ $about }}</p>
                @if ($rows === [])<p class="small">Nothing of it so far.</p>@else
                @includeWhen($plot !== null, 'history.plot')
                @includeWhen($plot === null, 'history.counts')
                <details><summary class="small">The numbers, and their jobs</summary>@include('history.numbers')</details>@endif
            </section>
        @endforeach
    </main>
</x-layout>
