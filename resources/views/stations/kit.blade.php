@php([$shelf, $f, $signed] = [$at->shelf, $at->shelf->filter, $page->job->isSigned()])
<div class="kit-now kit-head-row"><div>
    @if ($page->job->kitChoice?->data !== null)
        <x-form :action="route('job.kit', $page->job)">
            @mark($page->verdictAt($station))
            <span class="font-semibold">Chosen: {{ $page->values()->word('kit.name') }}</span> <span
                class="small soft num">{{ $page->values()->word('kit.number') }} · {{ $page->job->kitChoice->stated ? 'as the file states'
                : 'by '.$page->job->kitChoice->by_name }}</span>
            @if ($shelf->chosen)<a class="link small" href="{{ route('job.kit.page', [$page->job, $shelf->chosen]) }}">Look at it</a>@endif
            <button class="link small" @disabled($signed)>Take the choice back</button>
        </x-form>
    @endif
    @if ($shelf->best !== null && $shelf->best->isKnown() && $shelf->best->id !== $shelf->chosen)
        <p>@mark($shelf->best->verdict) <span class="font-semibold">Best of the shelf:</span> <a
            href="{{ route('job.kit.page', [$page->job, $shelf->best->id]) }}">{{ $shelf->best->name }}</a> <span
            class="small soft num">{{ $shelf->best->number }}</span></p>
    @endif
</div>
@include('kit.links', ['here' => 'shelf'])
</div>
<form method="get" action="{{ route('station', [$page->job, 'kit']) }}" class="shelf-filter" role="search">
    <label>Look for <input class="plain" name="q" id="search" value="{{ request('q') }}" maxlength="100"
        placeholder="number or name"></label>
    <label>Lining <select class="plain" name="material"><option value="">any</option>
        @foreach ($at->materials() as $material)<option value="{{ $material->value }}"
            @selected($f->material === $material)>{{ $material->label() }}</option>@endforeach</select></label>
    <label>From <select class="plain" name="supplier"><option value="">any supplier</option>
        @foreach ($shelf->suppliers as $id => $name)<option value="{{ $id }}" @selected($f->supplier === $id)>{{ $name }}</option>
        @endforeach</select></label>
    <label>Price up to <input class="plain short" name="price" inputmode="decimal" value="{{ request('price') }}" maxlength="9"></label>
    <label>Days up to <input class="plain short" name="days" inputmode="numeric" value="{{ request('days') }}" maxlength="4"></label>
    <button class="btn">Show</button>
    @unless ($f->isNone())<a class="link small" href="{{ route('station', [$page->job, 'kit']) }}">All again</a>@endunless
</form>
@php($settling = $signed ? [] : $shelf->settling())
@if ($settling !== [])
    <details class="settle" id="ask"><summary>What would settle most: {{ implode(', ', array_map(
        fn ($datum) => lcfirst($datum->field->label), $settling)) }}</summary>
        <x-station-form :page="$page" :station="$station">
            <div class="settling">@foreach ($settling as $datum)
                <div>@if ($datum->isOfVehicle())@reading($datum->field->key, how: false, instrument: false)@else<p><span
                    class="font-semibold">{{ $datum->field->label }}</span></p>@endif
                <p class="small soft">{{ $datum->where() }}: {{ $datum->touches() }}</p></div>
            @endforeach</div>
        </x-station-form>
    </details>
@endif
@includeWhen($shelf->ladder !== [], 'kit.ladder')
@if ($shelf->rows === [])
    @php([$title, $about] = $at->empty())
    @include('kit.counts')
    <p class="font-semibold mt-2">{{ $title }}</p>
    <p class="small">{{ $about }} @unless ($page->job->isPractice())<a href="{{ route('shelf') }}">The shelf</a>@endunless</p>
    @include('kit.why-held')
@else
    <div id="shelf-list" hx-get="{{ $at->from($shelf->from) }}" hx-select="#shelf-list > *" hx-trigger="spindle:entered from:body"
        hx-target="this" hx-swap="innerHTML" hx-include="this" hx-sync="this:queue last">
    @include('kit.counts')
    <table class="jobs-table dense shelf" data-rows>
        <caption class="sr-only">Kits of the shelf for this job, the best first</caption>
        <thead><tr>
            <th scope="col"><span class="sr-only">Verdict</span></th><th scope="col">Kit</th>
            <th scope="col">Torque</th><th scope="col" class="right">Effort</th><th scope="col" class="right">J/cm²</th><th
                scope="col" class="right"><abbr
                title="of the job’s parts: the kit, and what its box lacks">Price</abbr></th><th scope="col" class="right">Comes in</th><th
                scope="col"><span class="sr-only">Compare and choose</span></th>
        </tr></thead>
        @foreach ($shelf->groups() as $group)
        <tbody><tr class="group"><th colspan="8" scope="rowgroup">{{ $group->standing->label() }}<span
            class="small soft">: {{ $group->means() }}</span></th></tr>
            @foreach ($group->rows as $row)
@include('kit.row')
            @endforeach
        </tbody>
        @endforeach
    </table>
    </div>
    <div class="flex flex-wrap items-center gap-3 mt-2">
        <form method="get" action="{{ route('job.kit.compare', $page->job) }}" id="compare"><button class="btn">Compare what is
            ticked</button></form>
        @if ($shelf->from > 0)<a class="btn" href="{{ $at->from($shelf->before()) }}">Better ones</a>@endif
        @if ($shelf->hasMore())<a class="btn" href="{{ $at->from($shelf->after()) }}">More</a>@endif
        @include('kit.why-held')
        <span class="small soft">Arrow keys go up and down, Enter opens, blank ticks.</span>
    </div>
    <x-form :action="route('job.kit', $page->job)" id="choose" class="sr-only"></x-form>
@endif
