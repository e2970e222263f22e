@php($signed = $page->job->isSigned())
@include('kit.links', ['here' => 'parts'])
@error('order')<p class="refusal" role="alert">{{ $message }}</p>@enderror
@php([$waits, $last] = [$parts->awaited(), $parts->lastDue()])
<p class="{{ $waits === [] ? 'soft' : 'font-semibold' }} small">{{ $waits === [] ? 'Nothing ordered is on its way.' :
    'This job waits for '.implode(', ',
    array_map(fn ($s) => lcfirst(App\Page\JobParts::label($s->part)), $waits)).($last === null ? '; for one of them no day is known.'
    : ', the last of it on '.App\Jobs\ReaderLocale::date(Illuminate\Support\Carbon::parse($last)).'.') }}
    @if ($parts->orders !== [])<a href="{{ route('job.order.sheet', $page->job) }}">Order sheet</a> ·
        <a href="{{ route('job.order.csv', $page->job) }}">as CSV</a>@endif</p>
@include('kit.early')
<section class="card">
    <h2 class="m-0">The kit</h2>
    @include('kit.order-line', ['part' => 'kit', 'number' => $page->values()->word('kit.number') ?? '', 'step' => $parts->orders['kit']
        ?? null])
</section>
@php([$boxed, $others] = collect($parts->needed)->partition(fn ($row) => ! $row['need']->isEntered && $row['need']->state
    === Spindle\Kit\Completeness\PartState::InKit)->all())
@if ($boxed->isNotEmpty())<p class="small mt-2">@mark(Spindle\Limit\Verdict::Within) <span class="font-semibold">In the box of the
    kit:</span>
    {{ $boxed->map(fn ($row) => lcfirst($row['need']->part->label()))->implode(', ') }}.</p>@endif
<x-station-form :page="$page" :station="$station">
    <table class="jobs-table dense parts-list">
        <caption class="sr-only">Parts of the job and where each comes from</caption>
        <thead><tr><th scope="col">Part, and where it comes from</th><th scope="col">Inspection says</th></tr></thead>
        <tbody>
            @foreach ($others as ['need' => $need, 'inspection' => $inspection])
                @php([$key, $state] = ["parts.{$need->part->value}", $need->state])
                <tr @class(['open-part' => $need->isOpen()])>
                    <td>@reading($key)
                        @if ($state === Spindle\Kit\Completeness\PartState::NotApplicable)@reading($key.'_why')@endif</td>
                    <td class="small wrap">@if ($inspection->said !== null)@mark($inspection->verdict) {{
                        $inspection->said->in($page->display) }}@endif
                        @if ($need->state === null && $inspection->proposal() !== null)<span class="soft">Proposed:
                            {{ lcfirst($inspection->proposal()->label()) }}.</span>@endif
                        @if ($inspection->lookedAt() !== null && $inspection->verdict !== Spindle\Limit\Verdict::Within)<a
                            href="{{ $entries->links->part($inspection->lookedAt()) }}">Look there</a>@endif</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</x-station-form>
@php($toOrder = array_filter($parts->needed, fn ($row) => $row['need']->state === Spindle\Kit\Completeness\PartState::Ordered
    || isset($parts->orders[$row['need']->part->value])))
@if ($toOrder !== [])
    <section class="card mt-3">
        <h2 class="m-0">Ordered beside the kit</h2>
        @foreach ($toOrder as ['need' => $need])
            <p class="small font-semibold mt-2">{{ $need->part->label() }}</p>
            @include('kit.order-line', ['part' => $need->part->value, 'number' => '', 'step' => $parts->orders[$need->part->value] ?? null])
        @endforeach
    </section>
@endif
<details class="mt-3"><summary>{{ count($parts->notNeeded) }} parts this job does not need</summary>
    <ul class="plain-list small">@foreach ($parts->notNeeded as $need)<li>{{ $need->part->label() }}: {{ $need->whyNot
        }}</li>@endforeach</ul>
</details>
