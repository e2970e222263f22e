@php($signed = $page->job->isSigned())
<x-layout :title="$station->label().', '.$page->job->vehicle->name" :drafts="auth()->id().':'.$page->job->id">
    <x-slot:what>
        <strong>{{ $page->job->vehicle->name }}</strong>
        @if ($page->job->vehicle->plate !== '')<span class="plate">{{ $page->job->vehicle->plate }}</span>@endif
        <a class="link small" href="{{ route('vehicle', $page->job->vehicle) }}">{{ $page->job->label() }} · history</a>
    </x-slot:what>
    <x-slot:actions>
        <x-form :action="route('job.units', $page->job)" id="units-form">
            <button class="btn small" @disabled($signed)>{{ $page->units()->value === 'metric' ? 'mm · N·m' : 'in · lbf·ft' }}</button>
        </x-form>
        <x-form :action="route('job.arm', $page->job)" id="arm-form" hidden></x-form>
        <x-form :action="route('job.again', $page->job)" id="again-form" hidden>
            <input type="hidden" name="field"><input type="hidden" name="position">
        </x-form>
    </x-slot:actions>
    {{-- A list wants the width of the page; what is told stands beneath it then. --}}
    <div @class(['work', 'wide' => $station === Spindle\Sheet\Station::Kit && in_array($inner ?? null, [null, 'kit.compare'], true)])>
        <x-rail :page="$page" :entries="$entries" :station="$station" />
        <main class="station" id="work" tabindex="-1">
            <h1>{{ $station->number() }} · {{ $station->label() }}</h1>
            <p class="question soft">{{ $station->question() }}</p>
            <x-told :except="['text']" />
            @if ($signed)
                <p class="notice">Signed by {{ $page->job->signedSheet->author() }},
                    {{ App\Jobs\ReaderLocale::dateTime($page->job->signedSheet->at) }}. Locked; notes can be added.</p>
            @endif
            @include('job.origin')
            @includeWhen(isset($devices), 'devices.armed', ['job' => $page->job])
            @include('job.cautions')
            @include($inner ?? 'stations.'.$station->value)
            @includeWhen(in_array($station, [Spindle\Sheet\Station::Strip, Spindle\Sheet\Station::Bench, Spindle\Sheet\Station::Fit,
                Spindle\Sheet\Station::Prove], true), 'job.photos')
            @includeUnless(isset($inner), 'job.labour')
            @include('job.notes')
        </main>
        <x-telltale :page="$page" :entries="$entries" :station="$station" />
    </div>
    {{-- What a length can be measured with, for the line of each reading that is opened. --}}
    <template id="measured-with">
        <select data-instrument @disabled($signed)>
            @foreach ($entries->instruments->choices($page) as $word => $text)
                <option value="{{ $word }}">{{ $text }}</option>
            @endforeach
        </select>
        @foreach (($devices ?? null)?->inUse ?? [] as $device)
            <button class="link small" type="submit" form="arm-form" name="device" value="{{ $device->id }}"
                formaction="{{ route('job.arm', $page->job) }}">Let {{ $device->name }} enter it</button>
        @endforeach
    </template>
    <x-photo-viewer />
</x-layout>
