<x-layout :title="'Labels, '.$page->job->vehicle->name">
    <main class="sheet" id="work">
        @include('printed.head')
        <h1>Labels for bolts and small parts</h1>
        <p class="screen-only"><button type="button" class="btn" id="print-button">Print</button> <a
            href="{{ route('station', [$page->job, 'fit']) }}">Back to Fit</a></p>
        <ul class="bag-labels">
            @forelse ($plans as $plan)
                <li><strong>{{ $plan->group->label() }}</strong> <span class="num">{{ $plan->bolts() }} bolts {{
                    $page->values()->word($plan->group->key('thread')) }} {{ $page->values()->word($plan->group->key('grade')) }}</span>
                    <br><span class="plate">{{ $page->job->vehicle->plate }}</span> {{ $page->job->label() }}</li>
                @foreach ($plan->notes as $bolt => $note)
                    <li><strong>{{ $plan->group->label() }}, hole {{ $bolt }}</strong> {{ $note }}<br><span
                        class="plate">{{ $page->job->vehicle->plate }}</span> {{ $page->job->label() }}</li>
                @endforeach
            @empty
                <li>No bolts are entered at Fit yet.</li>
            @endforelse
        </ul>
    </main>
</x-layout>
