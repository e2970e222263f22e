{{-- What the page is made of: each thing a line that opens. What is closed is fetched when it is opened; without script its link
    opens it on a page of its own. --}}
@foreach ($sections->all as $section)
    @php([$isOpen, $address] = [$sections->isOpen($section), $entries->links->fold($station, $section->name)])
    <details class="part" id="{{ $section->id() }}" data-part data-holds="{{ $section->holds() }}" @if ($isOpen) open @else
        data-load="{{ $address }}" @endif>
        <summary hx-include="this">@include('stations.section-head')</summary>
        <div class="part-body" id="body-{{ $section->name }}">@if ($isOpen) @include('stations.section') @else
            @include('job.folded', ['address' => $address]) @endif</div>
    </details>
@endforeach
