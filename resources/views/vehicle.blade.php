<x-layout :title="$vehicle->name">
    <x-slot:what><strong>{{ $vehicle->name }}</strong> @if ($vehicle->plate !== '')<span
        class="plate">{{ $vehicle->plate }}</span>@endif</x-slot:what>
    <main class="mx-auto blocks max-w-6xl p-4" id="work">
        <h1 class="text-2xl font-bold">{{ $vehicle->name }}</h1>
        <p>{{ ucfirst($vehicle->class) }}@if ($vehicle->number !== '') · number <span class="num">{{ $vehicle->number }}</span>@endif</p>
        <x-form :action="route('vehicle.job', $vehicle)">
            <button class="btn main">Open another job on this vehicle</button>
            <span class="small soft">Vehicle, engine and maker’s figures are carried over; nothing measured is.</span>
        </x-form>
        <x-told :except="['plate', 'reason']" />
        @include('vehicle.history')
        <h2 class="text-xl font-bold">Its jobs</h2>
        @foreach ($jobs as $one)
            @php($job = $one->job)
            <article class="card">
                <h2 class="flex flex-wrap items-center gap-3 text-xl font-bold">
                    <a class="underline" href="{{ route('job', $job) }}">{{ $job->label() }}</a>
                    @if ($job->standing !== null && ! $job->standing->isBroken())@partial('bay.shaft', ['standing' => $job->standing])@endif
                    <span class="small soft">{{ $job->signedSheet !== null ? 'signed by '.$job->signedSheet->author()
                        : ($job->standing?->stage() === null ? 'not worked out'
                        : 'stands at '.$job->standing->stage()->label()) }}, @date($job->updated_at)</span>
                </h2>
                @if ($one->isAltered())@include('job.altered')@endif
                @if ($job->taken_in_at !== null)
                    <p class="small soft">From a file taken in by {{ $job->opened_by }} on @date($job->taken_in_at).</p>
                @endif
                @if ($one->untold() !== '')
                    <p class="refusal mt-2">@if ($job->standing?->isBroken())<strong>Cannot be shown.</strong> @endif{{ $one->untold() }}
                        <a class="underline"
                        href="{{ route('job.entries', $job) }}">Its entries</a></p>
                @else
                    @if ($one->complaint() !== '')<p class="mt-2">“{{ $one->complaint() }}”</p>@endif
                    @include('vehicle.found', ['found' => $one->found(all: $loop->first)])
                @endif
            </article>
        @endforeach
        @can('keep-accounts')
            <details class="card" @if ($errors->hasAny(['plate', 'reason'])) open @endif><summary
                class="py-3 font-semibold">What is known of whoever brings it</summary>
                <p class="small">Plate, number, photos and what was written in words. <a class="underline" href="{{ route('vehicle.data',
                    $vehicle) }}">Everything of this vehicle as one file</a></p>
                <x-form :action="route('vehicle.erase', $vehicle)" :refused="['plate', 'reason']" class="mark-row">
                    <label class="small">Type {{ $vehicle->plate === '' ? $vehicle->name : $vehicle->plate }} to erase it <input
                        class="plain" name="plate" maxlength="100" autocomplete="off" required></label>
                    <label class="small">Reason, without a name <input class="plain" name="reason" maxlength="200"
                        value="{{ old('reason') }}" required></label>
                    <button class="btn">Erase</button>
                </x-form>
                <p class="small soft">Plate, number, photos, notes and free words go, from signed sheets too, and do not come back. What was
                    measured, judged and fitted stays. The log keeps that it was done.</p>
            </details>
        @endcan
    </main>
</x-layout>
