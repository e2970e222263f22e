@php($signed = $page->job->isSigned())
@php($critical = collect($planning->plan->critical()))
@php($decides = $critical->filter(fn ($t) => $t->hours >= 1.0)->map(fn ($t) => lcfirst($t->task->label())))
@php($waits = $critical->pluck('waitsFor')->filter())
@php($bottom = 26 * count($planning->bars()) + 20)
<p class="promise">Likely <strong>{{ $planning->moment($planning->plan->likely) }}</strong>, safe
    <strong>{{ $planning->moment($planning->plan->safe) }}</strong>.
    <span class="soft small">Nine in ten are done by the safe one. Decided by {{ $decides->merge($waits)->implode(', ') }}. Planned
        from now, for one person on this job.</span></p>
<figure class="plan-figure card">
    <svg viewBox="0 0 1000 {{ $bottom + 6 }}" role="img" aria-label="Tasks of the job over its days">
        @foreach ($planning->days() as $day)
            <path class="ghost" d="M{{ 250 + $day['x'] * 7.4 }} 14V{{ $bottom }}"/>
            <text class="svg-t svg-soft" x="{{ 254 + $day['x'] * 7.4 }}" y="14">{{ $day['text'] }}</text>
        @endforeach
        @foreach ($planning->bars() as $i => $bar)
            @php($y = 24 + 26 * $i)
            <text class="svg-t" x="244" y="{{ $y + 15 }}" text-anchor="end">{{ $bar['task']->task->label() }}</text>
            @if ($bar['task']->waitsFor !== '')<path class="then-line" d="M{{ 250 + 7.4 * max(0, $bar['wait'] - 3) }} {{ $y + 10 }}H{{
                250 + 7.4 * $bar['x'] }}"/>@endif
            <rect class="{{ $bar['task']->isCritical ? 'bar-critical' : 'bar-slack' }}" x="{{ 250 + 7.4 * $bar['x'] }}" y="{{ $y }}"
                width="{{ max(5, 7.4 * $bar['width']) }}" height="18" rx="3"/>
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
                <tr><th scope="row">{{ $t->task->label() }}<span class="small soft">{{ $t->task->needs($page->sheet->vehicleClass())
                    }}</span></th><td class="num small"
                    data-is="from">{{ $planning->moment($t->start) }}</td>
                    <td class="num small" data-is="to">{{ $planning->moment($t->end) }}</td>
                    <td class="num small" data-is="taken">{{ $planning->taken($t->task) }}</td>
                    <td class="small" data-is="to spare">{{ $t->isCritical ? 'decides' : $page->display->number($t->slack, 1).' h' }}</td>
                    <td><span class="num small">{{ $page->display->number($t->hours, 1) }} h</span>
                        @reading($t->task->key(), how: false, class: 'in-table', label: $t->task->label().': hours')</td></tr>
            @endforeach
        </tbody>
    </table>
    <div class="fields card mt-2">
        @foreach (['plan.done', 'plan.layout', 'plan.delivery_days', 'plan.parts_on', 'plan.machining_days'] as $key)
            @reading($key)
        @endforeach
    </div>
</x-station-form>
<p class="small soft">The plan follows an entry when the page is loaded again. Hours: {{ $planning->learned === []
    ? 'usual ones of the class, from memory; three recorded jobs of the model or the class take their place'
    : 'the middle of this shop’s own recorded jobs, where there are three' }}.</p>
