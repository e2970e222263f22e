<div class="at-risk-place" hx-get="{{ route('promises') }}" hx-trigger="load" hx-swap="innerHTML" aria-live="polite"></div>
{{-- Only what there is: what is empty takes no room. --}}
<section class="morning" aria-label="Today">
    @if ($morning->asked->isNotEmpty())
        <div class="card"><h2>Asked of you</h2>
            <ul>@foreach ($morning->asked as $asked)<li><a href="{{ route('station', [$asked->clutch_job_id, 'record']) }}">{{
                $asked->job->label() }}</a> {{ $asked->job->vehicle->name }}: {{ $asked->author() }} asks to let something pass,
                “{{ $asked->reason }}”</li>@endforeach
            @if ($morning->moreAsked > 0)<li class="soft">and {{ $morning->moreAsked }} more</li>@endif</ul></div>
    @endif
    @if ($morning->promised->isNotEmpty())
        <div class="card"><h2>Promised</h2>
            <ul>@foreach ($morning->promised as $job)<li><a href="{{ route('job', $job) }}">{{ $job->label() }}</a> {{ $job->vehicle->name
                }}@if ($job->promised_on < $morning->today) <span class="v-out word">late since @date(date_create(
                $job->promised_on))</span>@else
                <strong>today</strong>@endif</li>
            @endforeach
            @if ($morning->morePromised > 0)<li><a href="{{ route('bay', ['sort' => 'promised']) }}">and {{
                $morning->morePromised }} more</a></li>@endif</ul></div>
    @endif
    @if ($morning->waiting->isNotEmpty())
        <div class="card"><h2>Waits</h2>
            <ul>@foreach ($morning->waiting as $job)<li><a href="{{ route('job', $job) }}">{{ $job->label() }}</a> {{ $job->vehicle->name
                }}, for {{ $job->state->awaited() }}@if ($job->waits_until !== null) @if ($job->waits_until < $morning->today)<span
                class="v-out word">late since @date(date_create($job->waits_until))</span>@else
                until @date(date_create($job->waits_until))@endif
                @endif</li>
            @endforeach
            @if ($morning->moreWaiting > 0)<li class="soft">and {{ $morning->moreWaiting }} more</li>@endif</ul></div>
    @endif
    @if ($morning->arrived->isNotEmpty())
        <div class="card"><h2>Came in</h2>
            <ul>@foreach ($morning->arrived as $step)<li>{{ $step->number }} for <a
                href="{{ route('job.parts', $step->clutch_job_id) }}">{{ $step->jobNumber() }}</a></li>@endforeach</ul></div>
    @endif
    @if ($morning->clocks->isNotEmpty() || $morning->slots->isNotEmpty())
        <div class="card"><h2>In whose hands</h2>
            <ul>@foreach ($morning->clocks as $clock)<li>{{ $clock->user->name }}: <a href="{{ route('job', $clock->clutch_job_id) }}">{{
                $clock->job->label() }}</a>, {{ lcfirst($clock->label()) }}, on the clock</li>@endforeach
            @foreach ($morning->slots->groupBy('user_id')->take(3) as $slots)<li>{{ $slots[0]->user?->name ?? 'Nobody yet' }}: {{
                $slots->map(fn ($s) => $s->job->label())->unique()->implode(', ') }}</li>
            @endforeach</ul></div>
    @endif
</section>
