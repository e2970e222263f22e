@php([$kit, $row, $a] = [$seen->row->values, $seen->row, $seen->row->assessment])
@include('kit.links', ['here' => ''])
<div class="flex flex-wrap items-center gap-3">
    <h2 class="kit-head m-0">@mark($row->verdict()) {{ $row->kit->name }}</h2>
    <span class="small soft num">{{ $row->kit->number }} · {{ $row->kit->supplier?->name ?? 'no supplier' }} · {{ $row->price()
        ?: 'no price' }} · {{ $row->days() ?: 'time not said' }}</span>
    <x-form :action="route('job.kit', $page->job)"><button class="btn main" name="kit" value="{{ $row->kit->id }}"
        @disabled($page->job->isSigned() || $page->job->kitChoice?->kit_id === $row->kit->id)>{{
        $page->job->kitChoice?->kit_id === $row->kit->id ? 'Chosen' : 'Choose this kit' }}</button></x-form>
</div>
@if ($row->priceMadeOf() !== '')<p class="small my-2">For the job it comes to <span
    class="font-semibold">{{ $row->priceOfJob() }}</span>: {{
    $row->priceMadeOf() }}.</p>@endif
<div class="fig plain-top">@include('drawings.kit', ['d' => $drawings->kit($seen), 'display' => $page->display])</div>
<div class="fig plain-top">@include('drawings.capacity')</div>
<div class="two-cards">
    <section class="card">
        <h3>What must match</h3>
        @include('kit.fit')
    </section>
    <section class="card">
        <h3>What it carries</h3>
        @foreach ($seen->work() as $finding)
            <p class="small v-{{ $finding->verdict->value }}">@mark($finding->verdict) {{ $finding->say($page->display) }}</p>
        @endforeach
        @foreach ($seen->advice() as $said)<p class="small">{{ $said }}</p>@endforeach
        @include('drawings.clamp-life', ['c' => $drawings->clampThroughLife($seen), 'display' => $page->display])
        <h3>On this vehicle’s release, as it is set now</h3>
        <p class="small">{{ implode(' ', $seen->release()) }}</p>
        <h3>What it costs to drive</h3>
        <p class="small">{{ $seen->life() }}</p>
        <h3>Its place on the shelf</h3>
        @include('kit.score')
    </section>
</div>
@if ($seen->asked() !== [])
    <section class="card" id="ask">
        <h3>To find out on the vehicle</h3>
        <p class="small soft">Entered here, kept at its own station.</p>
        <x-station-form :page="$page" :station="$station">
            <div class="fields">@foreach ($seen->asked() as $field)@reading($field->key)@endforeach</div>
        </x-station-form>
    </section>
@endif
@if ($seen->unsaid() !== [])
    <section class="card">
        <h3>What its supplier does not say</h3>
        @foreach ($seen->unsaid() as $label => $decides)<p class="small"><span class="font-semibold">{{ $label }}.</span> {{ $decides }}</p>
        @endforeach
    </section>
@endif
<section class="card">
    <h3>In the box, and where it went before</h3>
    <p class="small">{{ $seen->contents()->isKnown() ? ($kit->word('kit.contents') ?? implode(', ', array_map(fn ($p) =>
        lcfirst($p->label()),
        $seen->contents()->parts))) : 'What is in the box is not said.' }}</p>
    @if ($seen->contents()->isKnown())<p class="small soft">Read as: {{ implode(', ', array_map(fn ($p) => lcfirst($p->label()),
        $seen->contents()->parts)) ?: 'nothing' }}{{ $seen->contents()->leftOut() === [] ? '' : '; not in it: '.implode(', ',
        array_map(fn ($p) => lcfirst($p->label()), $seen->contents()->leftOut())) }}.</p>@endif
    <details @if ($page->job->isPractice()) hidden @endif><summary class="small py-3">The
        reading is wrong: correct what is in the box</summary>
        <x-form :action="route('shelf.contents', $row->kit)"><div class="ticks">
            @foreach ($seen->allParts() as $part)
                <label class="small"><input type="checkbox" name="parts[]" value="{{ $part->value }}"
                    @checked($seen->contents()->has($part))> {{ $part->label() }}</label>
            @endforeach
        </div><button class="btn mt-2">Correct</button></x-form></details>
    @forelse ($seen->fitted as $one)
        <p class="small"><a href="{{ route('job', $one->job) }}">{{ $one->job->vehicle->name }}</a> <span
            class="soft">signed @date($one->signed)</span>
            @if ($one->next === null)<span class="soft">· not back since</span>
            @else · <a href="{{ route('job', $one->next) }}">back @date($one->next->created_at)</a>{{
                $one->cameBackWith() === '' ? ', with something else' : " with {$one->cameBackWith()}" }}@endif</p>
    @empty
        <p class="small soft">Not fitted in this shop before.</p>
    @endforelse
    @if (($seen->ofSupplier[1] ?? 0) > 0)
        <p class="small v-near">@mark('near') Of {{ $seen->ofSupplier[0] }} kits of this supplier that this shop
            fitted, {{ $seen->ofSupplier[1] }} came back with judder or early wear.</p>
    @endif
</section>
