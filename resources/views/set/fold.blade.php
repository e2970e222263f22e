{{-- What few jobs need: fetched when it is opened, and open where something in it was entered, is needed, or was refused. --}}
@php([$keys, $isOpen, $address] = [$at->folded($name), $at->shows($name), $entries->links->fold($station, $name)])
<details class="after mt-3" id="fold-{{ $name }}" data-part data-holds="{{ implode(' ', $keys) }}" @if ($isOpen) open @else
    data-load="{{ $address }}" @endif>
    <summary hx-include="this">{{ $title }} <span class="small soft font-normal">{{ $what }}</span></summary>
    <div class="part-body">@if ($isOpen) @include('set.folded') @else @include('job.folded', ['address' => $address]) @endif</div>
</details>
