{{-- The face around the clock, once something of it is entered; until then a line that opens. --}}
@php([$isOpen, $name] = [$at->isFaceOpen($part), 'face-'.$part])
@php($address = $entries->links->fold($station, $name))
<details class="part-of" id="fold-{{ $name }}" data-part data-holds="{{ implode(' ', $at->onFace($part)) }}" @if ($isOpen) open @else
    data-load="{{ $address }}" @endif>
    <summary hx-include="this">{{ $what }}</summary>
    <div class="part-body">@if ($isOpen) @include('strip.face') @else @include('job.folded') @endif</div>
</details>
