<div id="bay-list" aria-live="polite">
    <div class="filters">
    <nav aria-label="Which jobs">
        @foreach ($list->shownFilters($filter) as $each => $label)
            <a href="{{ route('bay', array_filter(['q' => $search, 'show' => $each])) }}" @if (! $byPromise && $each === $filter)
                aria-current="true" @endif>{{ $label }}
                <span class="num">{{ $list->counts[$each] ?? 0 }}</span></a>
        @endforeach
        <a href="{{ route('bay', array_filter(['q' => $search, 'sort' => 'promised'])) }}" @if ($byPromise) aria-current="true"
            @endif>Promised, soonest first</a>
        <a href="{{ route('history') }}">History</a>
        <a href="{{ route('guide') }}">Guide</a>
        <a href="{{ route('practice') }}">Practice</a>
    </nav>
    <a class="btn main" href="{{ route('job.create') }}">New job</a>
    <a class="btn" href="{{ route('import') }}">Take in a file</a>
    </div>
    @if ($list->jobs->isEmpty())
        @if ($search === '' && ($list->counts[''] ?? 0) === 0)
            <p class="font-semibold">The bay is empty.</p>
            <p>Open a job with a vehicle’s name and plate; everything else can be entered as it is found. A job from elsewhere can be taken
                in as an open file.</p>
        @elseif ($search === '')
            <p>No job here at present.</p>
        @else
            <p>Nothing here answers to “{{ $search }}”. Part of a plate, a name, a number or a complaint is enough; blanks and hyphens do
                not matter.</p>
        @endif
    @else
        <table class="jobs-table dense">
            <thead><tr>
                <th scope="col">Plate</th><th scope="col">Vehicle</th><th scope="col">Job</th><th scope="col" class="touched">Touched</th>
                    <th scope="col">Stations</th>
                <th scope="col">Stands at</th><th scope="col" class="missing">Missing</th>
                @if ($byPromise)<th scope="col">Promised</th>@endif
            </tr></thead>
            <tbody>
                @foreach ($list->jobs as $job)
                    @php($standing = $job->standing)
                    <tr>
                        <td class="beside">@if ($job->vehicle->plate !== '')<span class="plate">{{ $job->vehicle->plate }}</span>@endif</td>
                        <td class="beside"><a href="{{ $list->vehicle($job->vehicle_id) }}">{{ $job->vehicle->name }}</a></td>
                        <td class="beside"><a href="{{ $list->job($job->id) }}">{{ $job->label() }}</a>@if ($job->is_open)
                            <a class="walk-to" href="{{ $list->walk($job->id) }}">Walk</a>@endif</td>
                        <td class="small soft touched beside">@date($job->updated_at)</td>
                        @if ($standing === null || $standing->isBroken())
                            <td colspan="3"><strong>{{ $standing === null ? 'Not worked out yet.' : 'Cannot be shown.' }}</strong>
                                <span class="small soft">{{ $standing === null ? 'Open it to see where it stands.'
                                    : $standing->broken }}</span>
                                @if ($standing !== null)<a href="{{ route('job.entries', $job) }}">Its entries</a>@endif</td>
                        @else
                            <td>@partial('bay.shaft', ['standing' => $standing])</td>
                            <td class="beside">{{ $standing->signed_by !== '' ? 'Signed' : $standing->stage()?->label() }}
                                <span class="small soft">{{ match (true) {
                                    $standing->signed_by !== '' => 'by '.$standing->signed_by,
                                    $job->state->waits() || $job->state->isClosed()
                                        => lcfirst($job->state->label()),
                                    default => $standing->worstWords(),
                                } }}</span></td>
                            @php($missing = $standing->missingWords())
                            <td class="small missing beside" title="{{ $missing }}">{{ $standing->signed_by !== '' ? '–' : $missing }}</td>
                        @endif
                        @if ($byPromise)<td class="num" data-of="Promised">@if ($job->promised_on
                            !== null)@date(date_create($job->promised_on))@endif</td>@endif
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($list->jobs->hasPages())
            <nav class="mt-2 flex gap-3" aria-label="Pages">
                @if ($list->jobs->previousPageUrl())<a class="btn" href="{{ $list->jobs->previousPageUrl() }}">Newer</a>@endif
                @if ($list->jobs->nextPageUrl())<a class="btn" href="{{ $list->jobs->nextPageUrl() }}">Older</a>@endif
            </nav>
        @endif
    @endif
</div>
