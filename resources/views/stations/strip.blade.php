<nav id="parts" class="parts" aria-label="Parts">
    @foreach ($at->parts as $part)
        @include('strip.link')
    @endforeach
    <a href="#fold-sizes"><span>For a new kit</span></a><a href="#why"><span>Why it failed</span></a>
    <a href="#open"><span>Replace while open</span></a>
</nav>
<x-station-form :page="$page" :station="$station">
    @if ($at->beforeOff() !== [])
        <div class="card mb-3"><p class="small m-0"><span class="font-semibold">Before the old clutch comes off.</span> Nothing tells
            it afterwards.</p>
            <div class="fields">@foreach ($at->beforeOff() as $key)@reading($key)@endforeach</div></div>
    @endif
    @include('strip.looked')
    {{-- A part that is closed is fetched when it is opened; without script its link opens it on a page of its own. --}}
    @foreach ($at->parts as $part)
        @php($isOpen = $at->isOpen($part))
        @php($address = $entries->links->part($part))
        <details class="part" id="part-{{ $part->value }}" data-part @if ($isOpen) open @else data-load="{{ $address }}" @endif
            @if ($part->value === 'shaft') data-holds="vehicle" @endif>
            <summary hx-include="this">@include('strip.head')</summary>
            <div class="part-body" id="body-{{ $part->value }}">
                @if ($isOpen)
                    @include('strip.part')
                @else
                    <p class="no-js-only"><a class="btn" href="{{ $address }}#part-{{ $part->value }}">Open the {{ $part->name() }}</a></p>
                @endif
            </div>
        </details>
    @endforeach
    @php($address = $entries->links->fold($station, 'sizes'))
    <details class="part" id="fold-sizes" data-part data-holds="match" @if ($at->showsSizes) open @else data-load="{{ $address }}" @endif>
        <summary hx-include="this"><span class="part-head"><span class="part-name">What a new kit must meet</span> <span
            class="small soft">{{ $at->sizesRead() }}</span></span></summary>
        <div class="part-body">@if ($at->showsSizes) @include('strip.sizes') @else
            @include('job.folded', ['address' => $address]) @endif</div>
    </details>
    <h2 id="why">Why the old clutch failed</h2>
    <div class="card grid gap-4">
        @include('strip.conclude')
        @reading('why.words')
    </div>
    <h2 id="open">Replace it while it is open?</h2>
    @include('strip.open')
</x-station-form>
@unless ($page->job->isSigned())
    @foreach ($at->parts as $part)
        @partial('strip.photo-form', ['action' => route('job.photo.store', $page->job), 'part' => $part->value, 'token' => csrf_token()])
    @endforeach
@endunless
