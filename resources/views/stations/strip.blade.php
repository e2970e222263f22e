<x-station-form :page="$page" :station="$station">
    @if ($at->beforeOff() !== [])
        <div class="card mb-3 before-off"><p class="small m-0"><span class="font-semibold">Before the old clutch comes off.</span>
            Nothing tells it afterwards.</p>
            <div class="fields">@foreach ($at->beforeOff() as $key)@reading($key, how: false)@endforeach</div></div>
    @endif
    {{-- A part that is closed is fetched when it is opened; without script its link opens it on a page of its own. --}}
    <div class="parts">
    @foreach ($at->parts as $part)
        @php([$isOpen, $address] = [$at->isOpen($part), $entries->links->part($part)])
        <div class="part-row">
            <details class="part" id="part-{{ $part->value }}" data-part @if ($isOpen) open @else data-load="{{ $address }}" @endif
                @if ($part->value === 'shaft') data-holds="vehicle" @endif>
                <summary hx-include="this">@include('job.part-head', ['id' => $part->value, 'head' => $at->head($part)])</summary>
                <div class="part-body" id="body-{{ $part->value }}">
                    @if ($isOpen)
                        @include('strip.part')
                    @else
                        <p class="no-js-only"><a class="btn" href="{{ $address }}#part-{{ $part->value }}">Open the {{
                            $part->name() }}</a></p>
                    @endif
                </div>
            </details>
            @include('strip.looked')
        </div>
    @endforeach
    @include('stations.lines', ['sections' => $at->sections])
    </div>
</x-station-form>
@unless ($page->job->isSigned() || $page->job->isPractice())
    @foreach ($at->parts as $part)
        @partial('strip.photo-form', ['action' => route('job.photo.store', $page->job), 'part' => $part->value, 'token' => csrf_token()])
    @endforeach
@endunless
