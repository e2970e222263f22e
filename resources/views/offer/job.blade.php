@include('kit.links', ['here' => 'offer'])
@if ($errors->any())<p class="refusal" role="alert">{{ $errors->first() }}</p>@endif
<h2>What it will cost</h2>
<table class="jobs-table dense offer-lines">
    <tbody>@foreach ($offer->lines() as [$what, $amount])
        <tr><th scope="row">{{ $what }}</th><td class="num">{{ $amount }}</td></tr>
    @endforeach
        <tr class="sum"><th scope="row">{{ $offer->now->isAtLeast() ? 'At least' : 'Together' }}</th><td class="num">{{ $offer->total()
            }}</td></tr></tbody>
</table>
<p class="small soft">{{ $offer->ready() }} Parts at the counter’s price where it was asked, else at the shop’s usual one; hours as
    expected, three-point. {{ $offer->isTaxIn() ? '' : 'No tax is added: none is set for the shop.' }}</p>
@if ($offer->kits !== [])
    <h3>Which kit</h3>
    <ul class="card plain-list">@foreach ($offer->kits as $row)<li><a class="underline" href="{{ route('job.kit.page', [$page->job,
        $row->kit]) }}">{{ $row->kit->name }}</a>: {{ $offer->kitSaid($row) }}{{ $loop->first ? '; reckoned with here' : ''
        }}</li>@endforeach
    </ul>
@endif
@if ($offer->now->options !== [])
    <h3>While it is open</h3>
    <ul class="card plain-list">@foreach ($offer->now->options as $option)<li>{{ $option->said->in($page->display)
        }}@if ($option->isWorthIt) <strong>Worth it on average.</strong>@endif {{ $option->isTaken ? 'It is in the sum.' : ''
        }}</li>@endforeach</ul>
@endif
<x-station-form :page="$page" :station="$station">
    <details class="mt-2" @if ($offer->made === null) open @endif><summary class="py-3">What goes in beside the lists</summary>
        <div class="fields card">@foreach ($entered as $key)@reading($key)@endforeach</div></details>
</x-station-form>
<p class="small soft">An entry is in the sum when the page is loaded again.</p>
@unless ($page->job->isSigned())
    <x-form :action="route('job.offer.make', $page->job)" class="mark-row mt-2"><input type="hidden" name="mark"
        value="{{ $offer->mark() }}"><button class="btn main">{{ $offer->made === null ? 'Offer this' : 'Offer this instead'
        }}</button></x-form>
@endunless
@if ($offer->made !== null)
    <h2>Offered</h2>
    <p>Offer {{ $offer->made->number }} of {{ $offer->day('offer.made_on') }}: <strong>{{ $offer->isMadeAtLeast() ? 'at least ' : '' }}{{
        $offer->madeTotal() }}</strong>, stands until {{ $offer->standsUntil() }}. <a class="underline"
        href="{{ route('job.offer.sheet', $page->job) }}">On paper</a></p>
    @foreach ($page->assessment->findings as $finding)
        @if (str_starts_with($finding->id, 'offer.'))
            <p class="v-{{ $finding->verdict->value }}">{{ $finding->say($page->display) }}</p>
        @endif
    @endforeach
    @unless ($page->job->isSigned())
        <x-form :action="route('job.offer.answer', $page->job)" class="card mark-row">
            <input type="hidden" name="number" value="{{ $offer->made->number }}">
            <label>Answer <select class="plain" name="answer">
                <option value="accepted">Accepted</option><option value="declined" @selected(old('answer') === 'declined')>Declined</option>
                </select></label>
            <label>By whom, and how <input class="plain" name="by" maxlength="120" value="{{ old('by') }}" required></label>
            <label>On <input class="plain" type="date" name="on" value="{{ old('on', now()->format('Y-m-d')) }}" required></label>
            <button class="btn">Write it down</button>
        </x-form>
    @endunless
@endif
