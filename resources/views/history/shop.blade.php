@php($sets = [
    ['Which kits last', 'Distance for a millimetre of lining, by the kit that was in and the duty it had.', $history->kits, 'km/mm', 0],
    ['What comes back', 'The same kind of fault again on the same vehicle; years since the time before.', $history->causes, 'years', 1],
    ['Done twice within a year', 'What was found the second time; months between.', $history->twice, 'months', 1],
    ['Hours against the plan', 'Hours taken for each hour planned.', $history->hours, '× planned', 2],
    ['Limits met most often', 'Findings that were near or out.', $history->limits, '', 0],
])
<x-layout title="History of the shop">
    <x-slot:what><strong>History of the shop</strong></x-slot:what>
    <main class="mx-auto grid max-w-6xl gap-4 p-4 history-sets" id="work">
        <h1 class="text-2xl font-bold">What {{ $history->jobs }} signed jobs say</h1>
        @if ($history->jobs === 0)<p>Nothing is signed yet. Each signed job adds to this page.</p>@endif
        @foreach ($sets as [$title, $about, $rows, $unit, $digits])
            <section class="card"><h2 class="!mt-0">{{ $title }}</h2><p class="small soft">{{ $about }}</p>
                @if ($rows === [])<p class="small">Nothing of it so far.</p>@else
                <table class="jobs-table dense">
                    <thead><tr><th scope="col">Of</th><th scope="col" class="right">Jobs</th>@if ($unit !== '')<th scope="col"
                        class="right">Half of them</th><th scope="col" class="right">Middle</th>@endif<th scope="col">Open</th></tr></thead>
                    <tbody>
                        @foreach ($rows as $row)
                            <tr><td>{{ $unit === '' ? $history->limit($row['what']) : $row['what']
                                }}@if ($row['isFew']) <span class="small soft">few: says little</span>@endif</td>
                                <td class="num right">{{ $row['count'] }}</td>
                                @if ($unit !== '')
                                    <td class="num right">{{ $history->number($row['lower'], $digits) }} to {{
                                        $history->number($row['upper'], $digits) }}</td>
                                    <td class="num right">{{ $history->number($row['median'], $digits)
                                        }} {{ $unit }}</td>
                                @endif
                                <td><details><summary class="small">jobs</summary>@foreach ($row['jobs'] as $job)<a
                                    class="underline small" href="{{ route('job', $job) }}">{{
                                    $history->job($job) }}</a> @endforeach{{ $row['count'] > count($row['jobs'])
                                    ? 'and earlier ones' : '' }}</details></td></tr>
                        @endforeach
                    </tbody>
                </table>@endif
            </section>
        @endforeach
    </main>
</x-layout>
