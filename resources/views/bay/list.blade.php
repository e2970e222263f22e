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
                    @foreach ($list->benches[$vehicle->id] ?? [] as $i => $bench)
                        <tr>
                            <td>
                                @if ($i === 0)
                                    <a href="{{ route('vehicle', $vehicle) }}">{{ $vehicle->name }}</a> @if ($vehicle->plate !== '')<span class="plate">{{ $vehicle->plate }}</span>@endif
                                    <div><span class="small soft">{{ $vehicle->class }}@if ($vehicle->number !== '') · <span class="num">{{ $vehicle->number }}</span>@endif</span></div>
                                @else
                                    <span class="small soft">same vehicle</span>
                                @endif
                            </td>
                            <td><a href="{{ route('job', $bench->job) }}">{{ $bench->job->label() }}</a><div class="small soft">{{ App\Bench\ReaderLocale::date($bench->job->updated_at) }}</div></td>
                            <td><x-shaft :bench="$bench" /></td>
                            <td>{{ $bench->job->isSigned() ? 'Signed' : $bench->stage()->label() }}<div class="small soft">{{ $bench->job->isSigned() ? 'by '.$bench->job->signedSheet->by_name : app(App\Bench\TellTale::class)->worst($bench) }}</div></td>
                            <td class="small">{{ $bench->job->isSigned() ? '–' : app(App\Bench\TellTale::class)->missing($bench) }}</td>
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
