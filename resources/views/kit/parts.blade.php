@php($signed = $page->job->isSigned())
@include('kit.links', ['here' => 'parts'])
@error('order')<p class="refusal" role="alert">{{ $message }}</p>@enderror
<p class="{{ $parts->awaited() === [] ? 'soft' : 'font-semibold' }} small">{{ $parts->waitsFor() }}
    @if ($parts->orders !== [])<a href="{{ route('job.order.sheet', $page->job) }}">Order sheet</a> ·
        <a href="{{ route('job.order.csv', $page->job) }}">as CSV</a>@endif</p>
@unless ($page->job->isPractice())<div hx-get="{{ route('job.plan.guard', $page->job) }}" hx-trigger="load" aria-live="polite"></div>
@endunless
@include('kit.early')
<section class="card">
    <h2 class="m-0">The kit</h2>
    @include('kit.order-line', ['part' => 'kit', 'number' => $page->values()->word('kit.number') ?? '', 'step' => $parts->orders['kit']
        ?? null, 'doubts' => session('doubts', [])])
</section>
@if ($parts->proposed() !== [] && ! $signed)
    <x-form :action="route('job.parts.accept', $page->job)" class="mark-row mt-2"><button class="btn main">Take all {{
        count($parts->proposed()) }} as proposed</button> <span class="small soft">What inspection found good is used again, what it
        rejects is to be ordered.</span></x-form>
@endif
@if ($parts->inBox() !== [])<p class="small mt-2">@mark('within') <span class="font-semibold">In the box of the
    kit:</span>
    {{ implode(', ', array_map(fn ($part) => lcfirst($part->need->part->label()), $parts->inBox())) }}.</p>@endif
<x-station-form :page="$page" :station="$station">
    <table class="jobs-table dense parts-list">
        <caption class="sr-only">Parts of the job and where each comes from</caption>
        <thead><tr><th scope="col">Part, and where it comes from</th><th scope="col">Inspection says</th></tr></thead>
        <tbody>
            @foreach ($parts->besideBox() as $part)
                @php([$need, $inspection, $key] = [$part->need, $part->inspection, "parts.{$part->need->part->value}"])
                <tr @class(['open-part' => $need->isOpen()])>
                    <td><div class="part-from">@reading($key)
                        @if ($part->wantsReason())@reading($key.'_why', label: 'Because')@endif
                        @if ($part->isOrdered())@reading($key.'_order', label: 'Where, and as what')@endif</div></td>
                    <td class="small wrap">@if ($inspection->said !== null)@mark($inspection->verdict) {{
                        $inspection->said->in($page->display) }}@endif
                        @if ($need->state === null && $inspection->proposal() !== null)<span class="soft">Proposed:
                            {{ lcfirst($inspection->proposal()->label()) }}.</span>@endif
                        @if ($part->leadsToLook())<a
                            href="{{ $entries->links->part($inspection->lookedAt()) }}">Look there</a>@endif</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</x-station-form>
@if ($parts->ordered() !== [])
    <section class="card">
        <h2 class="m-0">Ordered beside the kit</h2>
        @foreach ($parts->ordered() as $part)
            <div class="order-of"><p class="small font-semibold">{{ $part->need->part->label() }}</p>
                <div>@include('kit.order-line', ['part' => $part->need->part->value, 'number' => '',
                    'step' => $parts->orders[$part->need->part->value] ?? null])</div></div>
        @endforeach
    </section>
@endif
<details><summary>{{ count($parts->notNeeded) }} parts this job does not need</summary>
    <ul class="plain-list small">@foreach ($parts->notNeeded as $need)<li>{{ $need->part->label() }}: {{ $need->whyNot
        }}</li>@endforeach</ul>
</details>
