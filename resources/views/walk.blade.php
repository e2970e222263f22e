@php($job = $walk->job()->job)
<x-layout :title="'Walk, '.$job->vehicle->name" :drafts="auth()->id().':'.$job->id" :bare="true">
    <main class="walk" id="work" tabindex="-1">
        <header class="walk-head">
            <a class="btn small" href="{{ route('station', [$job, $walk->end()->value]) }}">Stations</a>
            <h1>Walk · {{ $job->vehicle->name }}@if ($job->vehicle->plate !== '') <span class="plate">{{ $job->vehicle->plate
                }}</span>@endif</h1>
            <span class="walk-line" role="status" data-line></span>
        </header>
        @includeWhen($onPractice ?? false, 'practice.bar', ['page' => $walk->job(), 'station' => null])
        @include('walk.way')
        <p class="just" id="just" role="status" aria-live="polite"></p>
        <div id="cards" data-card="{{ route('job.walk', $job) }}">
            @foreach ($groups as $group)
                @partial('walk.group', ['group' => $group, 'walk' => $walk, 'reasons' => $reasons])
            @endforeach
        </div>
        <section class="card walk-end" id="walk-end" @if ($groups !== []) hidden @endif>
            <h2>{{ $walk->said() }}</h2>
            <p><a class="btn main" href="{{ route('station', [$job, $walk->end()->value]) }}">On to {{ $walk->end()->label() }}</a>
                @if ($walk->at !== null)<a class="btn" href="{{ route('job.walk', $job) }}">The whole walk</a>@endif</p>
        </section>
        @if ($devices->inUse->isNotEmpty() && ! $job->isSigned())
            <label class="walk-device">Let it enter what it reads <select data-device data-arm="{{ route('job.arm', $job) }}"
                data-disarm="{{ route('job.disarm', $job) }}">
                <option value="">typed by hand</option>
                @foreach ($devices->inUse as $device)<option value="{{ $device->id }}">{{ $device->name }}</option>@endforeach
            </select> <span class="small soft" role="status" data-armed></span></label>
        @endif
    </main>
</x-layout>
