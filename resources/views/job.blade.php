@php($signed = $page->job->isSigned())
<x-layout :title="($heading ?? $station->label()).', '.$page->job->vehicle->name" :drafts="auth()->id().':'.$page->job->id">
    <x-slot:what>
        <strong>{{ $page->job->vehicle->name }}</strong>
        @if ($page->job->vehicle->plate !== '')<span class="plate">{{ $page->job->vehicle->plate }}</span>@endif
        @unless ($onPractice ?? false)<a class="link small" href="{{ route('vehicle', $page->job->vehicle) }}">{{ $page->job->label()
            }} · history</a>@endunless
    </x-slot:what>
    <x-slot:actions>
        <form method="post" action="{{ $entries->links->action('units') }}" id="units-form">@csrf
            <button class="btn small" @disabled($signed)>{{ $page->units()->value === 'metric' ? 'mm · N·m' : 'in · lbf·ft' }}</button>
        </form>
        <form method="post" action="{{ $entries->links->action('arm') }}" id="arm-form" hidden>@csrf</form>
        <form method="post" action="{{ $entries->links->action('again') }}" id="again-form" hidden>@csrf
            <input type="hidden" name="field"><input type="hidden" name="position">
        </form>
    </x-slot:actions>
    {{-- A list wants the width of the page; what is told stands beneath it then. --}}
    <span id="seq" hidden data-seq="{{ $page->job->lastSeq() }}"></span><div id="news" hidden></div>
    <div @class(['work', 'wide' => $station === $station::Kit && in_array($inner ?? null, [null, 'kit.compare'], true)])>
        <nav class="rail" id="rail" aria-label="Stations of the job">
            <div class="rail-stays">
                <ol>
                    @include('job.rail')
                </ol>
                <div class="rail-more">
                    @if (! $signed)<a class="btn main rail-walk" href="{{ $entries->links->action('walk') }}">Walk</a>@endif
                    @unless ($onPractice ?? false)<a class="rail-plan" href="{{ $entries->links->action('plan') }}">Plan and
                        promise</a>@endunless
                </div>
            </div>
        </nav>
        <main class="station" id="work" tabindex="-1">
            <h1>@if (isset($heading)){{ $heading }}@else{{ $station->number() }} · {{ $station->label() }}@endif</h1>
            <p class="question soft">{{ $question ?? $station->question() }}</p>
            @unless (isset($heading))
                <details class="how-taken no-print" data-part data-load="{{ route('guide.station', $station->value) }}">
                    <summary class="small" hx-include="this">How<span class="sr-only"> this station is worked</span></summary>
                    <div class="part-body">@include('job.folded', ['address' => route('guide').'#guide-'.$station->value])</div>
                </details>
            @endunless
            <x-told :except="['text']" />
            @includeWhen($onPractice ?? false, 'practice.bar')
            @if ($signed)
                <p class="notice">Signed by {{ $page->job->signedSheet->author() }},
                    @moment($page->job->signedSheet->at). Locked; notes can be added.</p>
            @endif
            @include('job.origin')
            @includeWhen(isset($devices), 'devices.armed', ['job' => $page->job])
            @includeUnless(isset($heading), 'job.cautions')
            @include($inner ?? 'stations.'.$station->value)
            <div class="beneath">
                @includeUnless(isset($inner) || ($onPractice ?? false), 'job.labour')
                @includeWhen($photosAre !== '' && ! ($onPractice ?? false), 'job.photos')
                @includeUnless(isset($heading), 'job.notes')
            </div>
        </main>
        @include('job.tell')
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
                formaction="{{ $entries->links->action('arm') }}">Let {{ $device->name }} enter it</button>
        @endforeach
    </template>
    @include('components.photo-viewer')
</x-layout>
