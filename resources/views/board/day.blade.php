@php($people = $board->people)
@php($day = $board->day->format('Y-m-d'))
<x-layout title="Board">
    <x-slot:what><strong>Board</strong> <span class="num">@day($board->day)</span></x-slot:what>
    <main class="px-4 py-2 board-page" id="work">
        <h1 class="sr-only">Board of @day($board->day)</h1>
        @if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
        @if ($errors->any())<p class="refusal" role="alert">{{ $errors->first() }}</p>@endif
        <div class="mark-row board-days">
            <a class="btn small" href="{{ route('board', ['day' => $board->day->modify('-1 day')->format('Y-m-d')]) }}">Day before</a>
            <a class="btn small" href="{{ route('board') }}">{{ $board->calendar->isOpenOn($board::today()) ? 'Today'
                : 'Next open day' }}</a>
            <a class="btn small" href="{{ route('board', ['day' => $board->day->modify('+1 day')->format('Y-m-d')]) }}">Day after</a>
            <a class="btn small" href="{{ route('history') }}">History of the shop</a>
            <a class="btn small" href="{{ route('board.calendar') }}">For the calendar</a>
            <a class="btn main small" href="{{ route('board.proposal', ['day' => $day]) }}">Lay what is open</a>
            @if ($together !== null)<x-form :action="route('board.back')"><input type="hidden" name="day" value="{{ $day }}"><input
                type="hidden" name="with" value="{{ $together->with }}"><button class="btn small">Take back the {{ $together->tasks
                }} laid @moment($together->at) by {{ $together->byName }}</button></x-form>@endif
            @php($shut = $board->calendar->whyClosed($board->day))
            @if (! $board->calendar->isOpenOn($board->day))<span class="v-near">Closed{{ $shut === '' ? '' : ": {$shut}" }}.</span>@endif
            @if ($board->clashes !== [])<span class="v-out">{{ count($board->clashes) }} tasks clash.</span>@endif
        </div>
        <div class="at-risk-place" hx-get="{{ route('promises') }}" hx-trigger="load" aria-live="polite"></div>
        <div class="card board-scroll">
            <svg class="board" viewBox="0 0 {{ $board::LEFT + $board::WIDTH + 10 }} {{ $board->height() + 4 }}" data-board
                data-minute="{{ $board->perMinute() }}"
                data-row="{{ $board::ROW }}">
                @foreach ($board->hours() as $hour)
                    <path class="ghost" d="M{{ $hour['x'] }} {{ $board::TOP - 6 }}V{{ $board->height() }}"/>
                    <text class="svg-t svg-soft" x="{{ $hour['x'] }}" y="14" text-anchor="{{ $loop->last ? 'end' : 'middle' }}">{{
                        $hour['hour'] }}</text>
                @endforeach
                @foreach ([...$people->pluck('name')->all(), 'nobody yet', ...$board->places] as $i => $name)
                    <path class="board-line" d="M0 {{ $board->rowTop($i) }}H{{ $board::LEFT + $board::WIDTH }}"/>
                    <text class="svg-t{{ $i > $people->count() ? ' svg-soft' : '' }}" x="2" y="{{ $board->rowTop($i) + 30
                        }}">{{ $name }}</text>
                @endforeach
                @foreach ($board->slots as $slot)
                    @php([$x, $width, $held] = $board->across($slot))
                    @php($why = $board->clashes[$slot->id] ?? '')
                    @php($hands = $people[$board->rowOf($slot)]->name ?? 'nobody yet')
                    <foreignObject x="{{ $x }}" y="{{ $board->rowTop($board->rowOf($slot)) + 3 }}" width="{{ $width }}" 
                        height="{{ $board::ROW - 6 }}"><button type="button" @class(['slot', 'clash' => $why !== ''])
                        data-slot="{{ $slot->id }}" title="{{ $slot->job->vehicle->name }}: {{ $board->names->of($slot) }}{{ $why === ''
                        ? '' : ', '.$why }}"><b>{{
                        $slot->job->label() }}</b> {{ $board->names->of($slot) }}<span class="sr-only">, {{
                        $board->time($slot->starts_at) }} to {{ $board->time($slot->ends_at) }}, {{ $hands }}{{ $slot->place === ''
                        ? '' : ', '.$slot->place }}{{ $why === '' ? '' : '. Clash: '.$why }}</span></button></foreignObject>
                    @php($at = $board->rowOfPlace($slot))
                    @if ($at !== null)<rect class="place-held{{ $why !== '' ? ' clash' : '' }}" x="{{ $x }}"
                        y="{{ $board->rowTop($at) + 12 }}" width="{{ $held }}"
                        height="{{ $board::ROW - 24 }}" rx="3"/><text class="svg-t"
                        x="{{ $x + 4 }}" y="{{ $board->rowTop($at) + 31 }}">{{ $slot->job->label() }}</text>@endif
                @endforeach
            </svg>
        </div>
        <p class="small soft no-print">Drag a task, or focus it: arrows left and right move it a quarter of an hour, up and down to other
            hands, Delete lifts it off. What clashes is shown and never moved by itself.</p>
        <x-form :action="route('board.lay')" class="card mark-row no-print"><input type="hidden" name="day" value="{{ $day }}">
            <label>Job <select class="plain" name="job">@foreach ($jobs as $job)<option value="{{ $job->id }}" @selected(old('job')
                == $job->id)>{{ $job->label() }} {{ $job->vehicle->name }}</option>@endforeach</select></label>
            <label>Task <select class="plain" name="task">@foreach ($board->tasks() as $task)<option
                value="{{ $task->value }}" @selected(old('task') === $task->value)>{{ $task->label() }}</option>@endforeach</select></label>
            <label>Hands <select class="plain" name="person"><option value="">nobody yet</option>@foreach ($people as $person)<option
                value="{{ $person->id }}">{{ $person->name }}</option>@endforeach</select></label>
            <label>Place <select class="plain" name="place"><option value="">none</option>@foreach ($board->places as $place)<option>{{
                $place }}</option>@endforeach</select></label>
            <label>From <input class="plain short" type="time" name="time" step="900" value="{{ old('time', $board->opens->format('H:i'))
                }}" required></label>
            <label>Hours <input class="plain short" name="hours" inputmode="decimal" placeholder="usual" value="{{ old('hours') }}"></label>
            <button class="btn">Lay it</button>
        </x-form>
        @foreach ($board->slots as $slot)
            <x-form :action="route('board.move', $slot)" id="move-{{ $slot->id }}" hidden><input type="hidden" name="day" value="{{ $day
                }}"><input type="hidden" name="minutes" value="0"><input type="hidden" name="people" value="0"></x-form>
            <x-form :action="route('board.lift', $slot)" id="lift-{{ $slot->id }}" hidden><input type="hidden" name="day" value="{{ $day
                }}"></x-form>
        @endforeach
        <h2>The day as a list</h2>
        <table class="jobs-table dense">
            <thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">Who</th><th scope="col">Where</th><th
                scope="col">Job</th><th scope="col">Task</th><th scope="col">Beside</th><th scope="col"
                class="no-print">Change</th></tr></thead>
            <tbody>
                @forelse ($board->slots as $slot)
                    @php($task = $slot->work())
                    <tr><td class="num">{{ $board->time($slot->starts_at) }}</td><td class="num">{{ $board->time($slot->ends_at) }}</td>
                        <td>{{ $people[$board->rowOf($slot)]->name ?? 'nobody yet' }}</td>
                        <td>{{ $slot->place === '' ? '–' : $slot->place }}</td>
                        <td><a class="underline" href="{{ route('job', $slot->clutch_job_id) }}">{{ $slot->job->label() }}</a> {{
                            $slot->job->vehicle->name }}</td><td>{{ $board->names->of($slot) }}</td>
                        <td class="small">{{ $task->helperMinutes() > 0 ? 'helper '.$task->helperMinutes().' min '.($task->isHelpedAtEnd()
                            ? 'at the end' : 'at the start') : '' }} <span class="v-out">{{ $board->clashes[$slot->id] ?? '' }}</span></td>
                        <td class="no-print"><button class="link small" form="lift-{{ $slot->id }}">Lift off<span class="sr-only"> {{
                            $board->names->of($slot) }} of {{ $slot->job->label() }}</span></button></td></tr>
                @empty
                    <tr><td colspan="8">Nothing lies on this day.</td></tr>
                @endforelse
            </tbody>
        </table>
        @if ($board->helpers() !== [])
            <h2>A second person is wanted</h2>
            <ul class="card plain-list">@foreach ($board->helpers() as $call)<li><span class="num">{{ $board->time($call->at) }}</span>, {{
                $call->minutes }} minutes: {{ $board->jobOf($call) }}, {{ lcfirst($board->names->of($call->slot))
                }}@if ($call->isNearTheLast) <strong>in one go with the one before</strong>@endif</li>@endforeach</ul>
        @endif
        @if ($due !== [])
            <h2>To be looked at again</h2>
            <ul class="card plain-list">@foreach (array_slice($due, 0, 15) as $one)<li><a class="underline" href="{{ route('vehicle',
                $one->vehicle) }}">{{ $one->vehicle->name }} {{ $one->vehicle->plate }}</a>, @date($one->on){{
                $one->isByDistance ? ', by how far it goes in a day' : '' }}</li>@endforeach
                @if (count($due) > 15)<li class="soft">{{ count($due) }} in all; the others, who did not come, stand in <a class="underline"
                    href="{{ route('board.calendar') }}">the calendar</a>.</li>@endif</ul>
        @endif
        @can('set-shop-figures')
            <x-form :action="route('board.places')" class="mark-row no-print"><label>Places, with a comma between <input class="plain"
                name="places" maxlength="200" value="{{ implode(', ', $board->places) }}"></label><button
                class="btn small">Set</button></x-form>
        @endcan
    </main>
</x-layout>
