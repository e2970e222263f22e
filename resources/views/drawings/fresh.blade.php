{{-- A drawing made of readings that are kept at another station: it is fetched anew after each entry. What it holds is changed, not itself:
    a fetch that waits for the one before is let go with the element it was asked for. --}}
<div id="draw-{{ $name }}" hx-get="{{ route('job.drawing', [$page->job, $name]) }}" hx-trigger="spindle:entered from:body" hx-target="this"
    hx-select="#draw-{{ $name }} > *" hx-swap="innerHTML" hx-include="this" hx-sync="this:queue last">@include("drawings.{$name}")</div>
