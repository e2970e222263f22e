<x-layout title="What would be laid">
    <x-slot:what><strong>Board</strong> what would be laid</x-slot:what>
    <main class="px-4 py-2 board-page" id="work">
        <h1 class="sr-only">What would be laid on the board</h1>
        @if ($errors->any())<p class="refusal" role="alert">{{ $errors->first() }}</p>@endif
        @if ($would->slots === [])
            <p class="card">Everything open that can be laid lies on the board already.</p>
        @else
            <p>{{ count($would->slots) }} tasks from {{ $board->time($would->from) }}: earliest promise first, a job in pieces before a new
                one is taken apart, none before its parts or its flywheel are there. What lies on the board stays where it is.</p>
            <div class="mark-row">
                <x-form :action="route('board.propose')"><input type="hidden" name="day" value="{{ $day }}"><input type="hidden"
                    name="from" value="{{ $would->from->getTimestamp() }}"><input type="hidden" name="mark"
                    value="{{ $would->mark() }}"><button class="btn main">Lay these</button></x-form>
                <a class="btn" href="{{ route('board', ['day' => $day]) }}">Not now</a>
            </div>
            <table class="jobs-table dense">
                <thead><tr><th scope="col">From</th><th scope="col">To</th><th scope="col">Who</th><th scope="col">Where</th><th
                    scope="col">Job</th><th scope="col">Task</th></tr></thead>
                @php($names = $would->names())
                <tbody>@foreach ($would->rows() as $row)
                    <tr><td class="num">{{ $board->time($row->starts_at) }}</td><td class="num">{{ $board->time($row->ends_at) }}</td>
                        <td>{{ $people[$row->user_id] ?? 'nobody yet' }}</td><td>{{ $row->place === '' ? '–' : $row->place }}</td>
                        <td><a class="underline" href="{{ route('job', $row->clutch_job_id) }}">{{ $row->job->label() }}</a> {{
                            $row->job->vehicle->name }}</td><td>{{ $names->of($row) }}</td></tr>
                @endforeach</tbody>
            </table>
        @endif
        @if ($would->left !== [])
            <h2>Not laid: no place comes free</h2>
            <ul class="card plain-list">@foreach ($would->left as $job)<li><a class="underline" href="{{ route('job', $job) }}">{{
                $job->label() }}</a> {{ $job->vehicle->name }}</li>@endforeach</ul>
            <p class="small soft">A vehicle stands in pieces on every place, and when it is joined again is not laid.</p>
        @endif
        @if ($would->unplanned !== [])
            <h2>Not laid: it cannot be planned</h2>
            <ul class="card plain-list">@foreach ($would->unplanned as $job)<li><a class="underline" href="{{ route('job', $job) }}">{{
                $job->label() }}</a></li>@endforeach</ul>
        @endif
    </main>
</x-layout>
