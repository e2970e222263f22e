@php($mine = $clock ?? null)
@if ($time->tasks !== [])
    <section class="card labour" aria-label="Time">
        <div class="mark-row">
            @if ($time->runs($mine))
                <x-form :action="route('labour.stop')"><button class="btn">Stop the clock: {{ $mine->label()
                    }}, since @time($mine->started_at)</button></x-form>
            @elseif (! $page->job->isSigned())
                @foreach ($time->tasks as $task)
                    <x-form :action="route('job.labour', $page->job)"><input type="hidden" name="task" value="{{ $task->value }}"><button
                        class="btn small">Clock on: {{ lcfirst($task->label()) }}</button></x-form>
                @endforeach
                @if ($mine !== null)<span class="small soft">Your clock runs at another job; it stops when this one starts.</span>@endif
            @endif
        </div>
        @php($isOpen = $time->isOpen())
        <details id="fold-hours" data-part data-holds="plan.taken" @if ($isOpen) open @else data-load="{{ $time->address() }}" @endif>
            <summary class="small" hx-include="this">Hours taken: {{ $time->taken() }}</summary>
            <div class="part-body">@if ($isOpen) @include('job.hours') @else
                @include('job.folded', ['address' => $time->address()]) @endif</div>
        </details>
    </section>
@endif
