<x-layout :title="'Order sheet, '.$page->job->vehicle->name">
    <main class="sheet" id="work">
        @include('printed.head')
        <h1>Order sheet</h1>
        <p>{{ $page->job->vehicle->name }} <span class="plate">{{ $page->job->vehicle->plate }}</span> · {{ $page->job->label() }} ·
            @date(now())</p>
        <p class="screen-only"><button type="button" class="btn" id="print-button">Print</button> <a
            href="{{ route('job.order.csv', $page->job) }}">as CSV</a> <a href="{{ route('job.parts', $page->job) }}">Back</a></p>
        <table class="kit-facts"><thead><tr><th scope="col">Part</th><th scope="col">Number</th><th scope="col">From</th><th
            scope="col">Pieces</th>
            <th scope="col">Price</th><th scope="col">Due</th><th scope="col">Stands at</th></tr></thead>
            <tbody>
                @forelse ($parts->orders as $step)
                    <tr><td>{{ $parts->name($step) }}</td><td class="num">{{ $step->number }}</td><td>{{
                        $step->supplier }}</td>
                        <td class="num">{{ $step->quantity }}</td><td class="num">{{ $step->price === null ? 'not known'
                        : $page->display->number($step->price, 2).' '.$step->currency }}</td><td class="num">{{ $parts->dueOn($step) ?: 'not
                            known' }}</td>
                        <td>{{ $step->state->label() }}{{ $step->arrived > 0 ? ", {$step->arrived} here" : '' }}</td></tr>
                @empty
                    <tr><td colspan="7">Nothing was ordered for this job yet.</td></tr>
                @endforelse
            </tbody></table>
    </main>
</x-layout>
