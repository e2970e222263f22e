{{-- Readings taken once more after a setting: fetched when it is opened, and open where one was taken. --}}
@php([$keys, $isOpen, $address] = [$at->left($name), $at->showsLeft($name), $entries->links->fold($station, $name)])
<details class="after mt-3" id="fold-{{ $name }}" data-part data-holds="{{ $at->holds($name) }}" @if ($isOpen) open @else
    data-load="{{ $address }}" @endif>
    <summary hx-include="this">After the work, measured anew</summary>
    <div class="part-body">@if ($isOpen) @include('job.left') @else @include('job.folded', ['address' => $address]) @endif</div>
</details>
