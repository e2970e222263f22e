<x-layout :title="'Offer, '.$page->job->vehicle->name">
    <x-slot:what><a class="link small" href="{{ route('job.offer', $page->job) }}">Back to the offer</a></x-slot:what>
    <x-slot:actions><button type="button" class="btn" id="print-button">Print</button></x-slot:actions>
    <main class="sheet" id="work">
        @include('printed.head')
        @if ($offer->made === null)
            <h1>No offer was made yet</h1>
        @else
            <h1>Offer {{ $offer->made->number }}, {{ $page->job->label() }}</h1>
            <p>{{ $page->job->vehicle->name }} <span class="plate">{{ $page->job->vehicle->plate }}</span> · {{ $offer->day('offer.made_on')
                }}</p>
            @if ($page->keeper() !== [])<p>For {{ implode(', ', $page->keeper()) }}</p>@endif
            @if ($page->values()->word('complaint'))<p>You told us: {{ $page->values()->word('complaint') }}</p>@endif
            <p>This is what we would do for it, and what it costs:</p>
            <table class="offer-lines"><tbody>@foreach ($offer->madeLines() as [$what, $amount])
                <tr><th scope="row">{{ $what }}</th><td class="num">{{ $amount }}</td></tr>
            @endforeach
                <tr class="sum"><th scope="row">{{ $offer->isMadeAtLeast() ? 'At least' : 'Together' }}</th><td class="num">{{
                    $offer->madeTotal() }}</td></tr></tbody></table>
            @if ($offer->isMadeAtLeast())<p>What has no price yet comes on top; we ask you before we do it.</p>@endif
            @if ($offer->day('offer.likely_on') !== '')<p>Likely ready on {{ $offer->day('offer.likely_on') }}, safely on {{
                $offer->day('offer.safe_on') }}.</p>@endif
            @if ($offer->now->options !== [])
                <h2>What could be replaced with it</h2>
                @foreach ($offer->now->options as $option)@unless ($option->isTaken)<p>{{ $option->said->in($page->display) }}</p>@endunless
                @endforeach
            @endif
            <p>The offer stands until {{ $offer->standsUntil() }}. What shows only once it is apart, and goes beyond it, is done when you
                have said yes to it.</p>
            <div class="sign"><div>For the workshop</div><div>Accepted, customer</div></div>
        @endif
    </main>
</x-layout>
