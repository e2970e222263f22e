<x-layout :title="'Entries of '.$job->label()">
    <x-slot:what><strong>{{ $job->vehicle->name }}</strong> @if ($job->vehicle->plate !== '')<span
        class="plate">{{ $job->vehicle->plate }}</span>@endif</x-slot:what>
    <main class="mx-auto blocks max-w-5xl p-4" id="work">
        <h1 class="text-2xl font-bold">{{ $job->label() }}: every entry, as typed</h1>
        <x-told />
        @php($isLead = auth()->user()->can('takeBack', $job) && $job->signedSheet === null)
        @if ($broken !== '')
            <div class="card">
                <p><strong>This job cannot be shown.</strong> {{ ucfirst($broken) }}{{ str_ends_with($broken, '.') ? '' : '.' }}</p>
                <p>Nothing is lost: the entries stand below, the newest first. {{ $isLead
                    ? 'Take back the one at fault; it stays in the record as taken back.'
                    : 'The lead can take back the one at fault.' }} Other jobs are not touched by it.</p>
            </div>
        @else
            <p><a class="btn" href="{{ route('job', $job) }}">To the job</a></p>
        @endif
        <div class="card">
            <table class="jobs-table">
                <thead><tr><th scope="col">No.</th><th scope="col">Field</th><th scope="col">Typed</th><th scope="col">Who, when</th>
                    <th scope="col"><span class="sr-only">Take back</span></th></tr></thead>
                <tbody>
                    @if ($kit !== null && $kit->data !== null)
                        <tr>
                            <td>–</td><td>Kit chosen</td>
                                <td class="font-semibold">{{ is_string($kit->data['name'] ?? null) ? $kit->data['name']
                                : 'without a name' }}</td>
                            <td>{{ $kit->author() }}, @moment($kit->at)</td>
                            <td>@if ($isLead)<x-form :action="route('job.take-back', $job)"><button
                                class="btn small whitespace-nowrap" name="kit" value="1">Take back<span
                                class="sr-only"> the kit</span></button></x-form>@endif</td>
                        </tr>
                    @endif
                    @foreach ($rows as $row)
                        <tr>
                            <td class="num">{{ $row->seq }}</td>
                            <td>{{ $labels[$row->field] ?? $row->field }}@if ($row->position > 0)<span
                                class="small soft"> place {{ $row->position + 1 }}</span>@endif</td>
                            <td class="num font-semibold">{{ $said[$row->seq] }}</td>
                            <td>{{ $row->author() }}, @moment($row->at)</td>
                            <td>@if ($isLead && isset($open[$row->seq]))<x-form :action="route('job.take-back', $job)"><button
                                class="btn small whitespace-nowrap"
                                name="seq" value="{{ $row->seq }}">Take back<span
                                class="sr-only"> entry {{ $row->seq }}</span></button></x-form>@endif</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </main>
</x-layout>
