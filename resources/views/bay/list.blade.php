<div id="bay-list" class="card mt-4" aria-live="polite">
    @if ($list->vehicles->isEmpty())
        @if ($search === '')
            <p class="font-semibold">The bay is empty.</p>
            <p>Open a job with a vehicle’s name and plate; everything else can be entered as it is found. A job from elsewhere can be taken in as an open file.</p>
        @else
            <p>Nothing here answers to “{{ $search }}”. Part of a plate, a name or a number is enough; blanks and hyphens do not matter.</p>
        @endif
    @else
        <table class="jobs-table">
            <thead><tr><th scope="col">Vehicle</th><th scope="col">Job</th><th scope="col">Stations</th><th scope="col">Stands at</th><th scope="col">Missing</th></tr></thead>
            <tbody>
                @foreach ($list->vehicles as $vehicle)
                    @foreach ($list->jobs[$vehicle->id] ?? [] as $i => $job)
                        @php($standing = $job->standing)
                        <tr>
                            <td>
                                @if ($i === 0)
                                    <a href="{{ route('vehicle', $vehicle) }}">{{ $vehicle->name }}</a>
                                    <div class="small soft lg:whitespace-nowrap">@if ($vehicle->plate !== '')<span class="plate">{{ $vehicle->plate }}</span> @endif{{ $vehicle->class }}@if ($vehicle->number !== '') · <span class="num">{{ $vehicle->number }}</span>@endif</div>
                                @else
                                    <span class="small soft">same vehicle</span>
                                @endif
                            </td>
                            <td><a href="{{ route('job', $job) }}">{{ $job->label() }}</a><div class="small soft lg:whitespace-nowrap">{{ App\Bench\ReaderLocale::date($job->updated_at) }}</div></td>
                            @if ($standing === null || $standing->isBroken())
                                <td colspan="3"><strong>{{ $standing === null ? 'Not worked out yet.' : 'Cannot be shown.' }}</strong>
                                    <span class="small soft">{{ $standing === null ? 'Open it to see where it stands.' : $standing->broken }}</span>
                                    @if ($standing !== null)<a class="underline" href="{{ route('job.entries', $job) }}">Its entries</a>@endif</td>
                            @else
                                <td><x-shaft :standing="$standing" /></td>
                                <td>{{ $standing->signed_by !== '' ? 'Signed' : $standing->stage()?->label() }}<div class="small soft">{{ $standing->signed_by !== '' ? 'by '.$standing->signed_by : $standing->worst }}</div></td>
                                <td class="small">{{ $standing->signed_by !== '' ? '–' : $standing->missing }}</td>
                            @endif
                        </tr>
                    @endforeach
                @endforeach
            </tbody>
        </table>
        @if ($list->vehicles->hasPages())
            <nav class="mt-3 flex gap-3" aria-label="Pages">
                @if ($list->vehicles->previousPageUrl())<a class="btn" href="{{ $list->vehicles->previousPageUrl() }}">Newer</a>@endif
                @if ($list->vehicles->nextPageUrl())<a class="btn" href="{{ $list->vehicles->nextPageUrl() }}">Older</a>@endif
            </nav>
        @endif
    @endif
</div>
