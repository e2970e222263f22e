@php($early = $parts->early())
@if ($parts->comesApart() !== null && ! isset($parts->orders['kit']) && ! $page->job->isSigned())
    @php($isBegun = $page->current->filled('order.return_cost') !== [] || $page->current->filled('order.day_cost') !== [])
    <details class="card early" @if ($isBegun) open @endif>
        <summary><h2 class="m-0">Order before the box is out?</h2> <span class="small soft">what a wrong order costs against a day of
            waiting</span></summary>
        @if ($early === null)
            <p class="small">Enter what a wrong order and a day of waiting cost, and choose a kit with its days: both sides are then
                shown.</p>
        @else
            <p class="small">By triage it comes to taking it apart with {{
                $page->display->percent($parts->comesApart()) }}. Ordering now costs {{
                    $page->display->number($early->now(), 0) }} on average, for the times it was not needed; waiting
                {{ $page->display->number($early->later(), 0) }}, for the days the vehicle stands apart. <span
                class="font-semibold">{{ $early->isNowCheaper() ? 'Ordering now is the cheaper.' : 'Waiting is the cheaper.' }}</span></p>
        @endif
        <x-station-form :page="$page" :station="$station"><div class="fields">
            @reading('order.return_cost')@reading('order.day_cost')</div></x-station-form>
    </details>
@endif
