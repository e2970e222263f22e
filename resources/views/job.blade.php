@php($signed = $bench->job->isSigned())
<x-layout :title="$station->label().', '.$bench->job->vehicle->name" :drafts="auth()->id().':'.$bench->job->id">
    <x-slot:what>
        <strong>{{ $bench->job->vehicle->name }}</strong>
        @if ($bench->job->vehicle->plate !== '')<span class="plate">{{ $bench->job->vehicle->plate }}</span>@endif
        <a class="link small" href="{{ route('vehicle', $bench->job->vehicle) }}">{{ $bench->job->label() }} · history</a>
    </x-slot:what>
    <x-slot:actions>
        <form method="post" action="{{ route('job.units', $bench->job) }}" id="units-form">
            @csrf
            <button class="btn small" @disabled($signed)>{{ $bench->units()->value === 'metric' ? 'mm · N·m' : 'in · lbf·ft' }}</button>
        </form>
        <form method="post" action="{{ route('job.again', $bench->job) }}" id="again-form" hidden>
            @csrf
            <input type="hidden" name="field"><input type="hidden" name="position">
        </form>
    </x-slot:actions>
    <div class="work">
        <x-rail :bench="$bench" :station="$station" />
        <main class="bench" id="bench" tabindex="-1">
            <h1>{{ $station->number() }} · {{ $station->label() }}</h1>
            <p class="soft mb-2">{{ $station->question() }}</p>
            @if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
            @foreach ($errors->all() as $error)<p class="refusal" role="alert">{{ $error }}</p>@endforeach
            @if ($signed)
                <p class="notice">Signed by {{ $bench->job->signedSheet->author() }},
                    {{ App\Bench\ReaderLocale::dateTime($bench->job->signedSheet->at) }}. Locked; notes can be added.</p>
            @endif
            @include('job.origin')
            @include('job.cautions')
            @include('stations.'.$station->value)
            @includeWhen(in_array($station, [Spindle\Sheet\Station::Strip, Spindle\Sheet\Station::Bench, Spindle\Sheet\Station::Fit,
                Spindle\Sheet\Station::Prove], true), 'job.photos')
            @include('job.notes')
        </main>
        <x-telltale :bench="$bench" :station="$station" />
    </div>
    <x-photo-viewer />
</x-layout>
