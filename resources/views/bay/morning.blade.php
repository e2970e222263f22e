<section class="morning" aria-label="Today">
    <div class="card"><h2>Promised</h2>
        <ul>@forelse ($morning->promised as $job)<li><a href="{{ route('job', $job) }}">{{ $job->label() }}</a> {{ $job->vehicle->name
            }}@if ($job->promised_on < $morning->today) <span class="v-out">was @date(date_create($job->promised_on))</span>@else
            <strong>today</strong>@endif</li>
        @empty<li class="soft">Nothing for today.</li>@endforelse
        @if ($morning->allPromised > $morning->promised->count())<li><a href="{{ route('bay', ['sort' => 'promised']) }}">and {{
            $morning->allPromised - $morning->promised->count() }} more</a></li>@endif</ul></div>
    <div class="card"><h2>Waits</h2>
        <ul>@forelse ($morning->waiting as $job)<li><a href="{{ route('job', $job) }}">{{ $job->label() }}</a> {{ $job->vehicle->name
            }}, for {{ $job->state === $job->state::Parts ? 'parts' : 'a check' }}</li>
        @empty<li class="soft">Nothing waits.</li>@endforelse
        @if ($morning->allWaiting > $morning->waiting->count())<li class="soft">and {{ $morning->allWaiting
            - $morning->waiting->count() }} more</li>@endif</ul></div>
    <div class="card"><h2>Came in</h2>
        <ul>@forelse ($morning->arrived as $step)<li>{{ $step->number }} for <a href="{{ route('job.parts', $step->clutch_job_id) }}">{{
            $step->jobNumber() }}</a></li>
        @empty<li class="soft">Nothing since yesterday.</li>@endforelse</ul></div>
    <div class="card"><h2>In whose hands</h2>
        <ul>@foreach ($morning->clocks as $clock)<li>{{ $clock->user->name }}: <a href="{{ route('job', $clock->clutch_job_id) }}">{{
            $clock->job->label() }}</a>, {{ lcfirst($clock->label()) }}, on the clock</li>@endforeach
        @forelse ($morning->slots->groupBy('user_id')->take(3) as $slots)<li>{{ $slots[0]->user?->name ?? 'Nobody yet' }}: {{
            $slots->map(fn ($s) => $s->job->label())->unique()->implode(', ') }}</li>
        @empty @if ($morning->clocks->isEmpty())<li class="soft">The <a href="{{ route('board') }}">board</a> is empty today.</li>@endif
        @endforelse</ul></div>
</section>
