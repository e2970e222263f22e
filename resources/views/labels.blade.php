<x-layout :title="'Labels, '.$page->job->vehicle->name">
    <main class="sheet" id="work">
        @include('printed.head')
        <h1>Labels for the vehicle, its parts and bags</h1>
        <p class="screen-only"><button type="button" class="btn" id="print-button">Print</button> <a
            href="{{ route('station', [$page->job, 'fit']) }}">Back to Fit</a>. The camera of a phone opens what a label is about.</p>
        @if (! $labels->hasBolts())<p>No bolts are entered at Fit yet.</p>@endif
        <ul class="bag-labels">
            @foreach ($labels->all() as $label)
                <li>{{ $qr($label['address'], "Leads to {$label['name']}, {$label['said']}") }}<div><strong>{{ $label['name'] }}</strong>
                    {{ $label['said'] }}<br><span class="plate">{{ $page->job->vehicle->plate }}</span> {{ $page->job->label() }}</div></li>
            @endforeach
        </ul>
    </main>
</x-layout>
