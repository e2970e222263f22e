@php($mine = $clock ?? null)
@php($tasks = App\Page\Labour::tasksAt($page, $station))
@if ($tasks !== [])
    <section class="card labour" aria-label="Time">
        <div class="mark-row">
            @if ($mine !== null && $mine->clutch_job_id === $page->job->id)
                <x-form :action="route('labour.stop')"><button class="btn">Stop the clock: {{
                    Spindle\Planning\Task::from($mine->task)->label() }}, since {{ $mine->started_at->format('H:i') }}</button></x-form>
            @elseif (! $page->job->isSigned())
                @foreach ($tasks as $task)
                    <x-form :action="route('job.labour', $page->job)"><input type="hidden" name="task" value="{{ $task->value }}"><button
                        class="btn small">Clock on: {{ lcfirst($task->label()) }}</button></x-form>
                @endforeach
                @if ($mine !== null)<span class="small soft">Your clock runs at another job; it stops when this one starts.</span>@endif
            @endif
        </div>
        @php([$address, $isOpen] = [$entries->links->fold($station, 'hours'), App\Stations\Fold::isOpen($entries, 'hours', 'plan.taken.')])
        <details id="fold-hours" data-part data-holds="plan.taken" @if ($isOpen) open @else data-load="{{ $address }}" @endif>
            <summary class="small" hx-include="this">Hours taken: {{ App\Page\Labour::taken($page, $tasks) }}</summary>
            <div class="part-body">@if ($isOpen) @include('job.hours') @else @include('job.folded') @endif</div>
        </details>
    </section>
@endif
