@php($signed = $page->job->isSigned())
@php($d = $drawings->plan($planning))
<p class="promise">Likely <strong>{{ $planning->moment($planning->plan->likely) }}</strong>, safe
    <strong>{{ $planning->moment($planning->plan->safe) }}</strong>.
    <span class="soft small">Half of all such jobs are done by the likely one, nine in ten by the safe one. Decided by {{
        implode(', ', $d::decides($planning)) }}. Planned
        from now, for one person on this job.</span></p>
@php($guard = $planning->guard())
@if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
@error('day')<p class="refusal" role="alert">{{ $message }}</p>@enderror
@if ($guard === null || $guard->isSafe())
    @if ($planning->promised() !== '')<p class="promise">{{ $planning->promised() }}</p>@endif
@else
    @include('plan.guard')
@endif
@unless ($signed)
    <div class="mark-row">@foreach ($planning->toPromise() as $sure => $day)
        <x-form :action="route('job.plan.promise', $page->job)"><input type="hidden" name="day" value="{{ $day['day'] }}"><input
            type="hidden" name="shown" value="{{ $page->current->row('promised_on')->seq ?? 0 }}"><button class="btn">Promise {{
            $day['said'] }}, {{ $sure }}</button></x-form>@endforeach</div>
@endunless
@if ($guard !== null && ($message = $planning->message($guard)) !== '')
    <details class="mt-2"><summary class="py-3">A message to the customer, drafted</summary>
        <p class="card message">{{ $message }}</p></details>
@endif
<figure class="plan-figure card" tabindex="0" aria-label="The plan over its days">
    <svg viewBox="0 0 1000 {{ $d->bottom + 6 }}" role="img" aria-label="Tasks of the job over its days">
        @foreach ($d->days as [$x, $text])
            <path class="ghost" d="M{{ $x }} 14V{{ $d->bottom }}"/>
            <text class="svg-t svg-soft" x="{{ $x + 4 }}" y="14">{{ $text }}</text>
        @endforeach
        @foreach ($d->bars as $bar)
            <text class="svg-t" x="244" y="{{ $bar->y + 15 }}" text-anchor="end">{{ $planning->name($bar->task->task) }}</text>
            @if ($bar->task->waitsFor !== '')<path class="then-line" d="M{{ $bar->readyAt }} {{ $bar->y + 10 }}H{{ $bar->x }}"/>@endif
            <rect class="{{ $bar->task->isCritical ? 'bar-critical' : 'bar-slack' }}" x="{{ $bar->x }}" y="{{ $bar->y }}"
                width="{{ $bar->width }}" height="18" rx="3"/>
        @endforeach
    </svg>
</figure>
<h2>Now, so that nothing waits</h2>
<ul class="card plain-list">@forelse ($planning->advice() as $said)<li>{{ $said }}</li>@empty<li>Nothing.</li>@endforelse</ul>
<h2>Tasks</h2>
<x-station-form :page="$page" :station="$station">
    <table class="jobs-table dense plan-tasks">
        <thead><tr><th scope="col">Task, and what it needs</th><th scope="col">Begins</th><th scope="col">Ends</th><th
            scope="col">Taken</th><th scope="col">To spare</th><th scope="col">Hours, if other than {{
            $planning->learned === [] ? 'usual' : 'ours' }}</th></tr></thead>
        <tbody>
            @foreach ($planning->plan->tasks as $t)
                <tr><th scope="row">{{ $planning->name($t->task) }}<span class="small soft">{{ $t->task->needs($page->sheet->vehicleClass())
                    }}</span></th><td class="num small"
                    data-is="from">{{ $planning->moment($t->start) }}</td>
                    <td class="num small" data-is="to">{{ $planning->moment($t->end) }}</td>
                    <td class="num small" data-is="taken">{{ $planning->taken($t->task) }}</td>
                    <td class="small" data-is="to spare">{{ $t->isCritical ? 'decides' : $page->display->number($t->slack, 1).' h' }}</td>
                    <td><span class="num small">{{ $page->display->number($t->hours, 1) }} h</span>
                        @reading($t->task->key(), how: false, class: 'in-table', label: $planning->name($t->task).': hours')</td></tr>
            @endforeach
        </tbody>
    </table>
    <div class="fields card mt-2">
        @reading('plan.done', class: 'span')
        @include('job.fields', ['keys' => $delays->now])
        @if ($delays->more !== [])
            <details class="more" data-part id="{{ $delays->id() }}" data-holds="{{ $delays->holds() }}">
                <summary>Where it matters: {{ $delays->line() }}</summary>
                <div class="fields part-body">@include('job.fields', ['keys' => $delays->more])</div>
            </details>
        @endif
    </div>
</x-station-form>
<p class="small soft">The plan follows an entry when the page is loaded again. Hours: {{ $planning->learned === []
    ? 'usual ones of the class, from memory; three recorded jobs of the model or the class take their place'
    : 'those of this shop’s own recorded jobs with their spread, where there are three' }}.</p>
