{{-- A drawing made of readings that are kept at another station: it is fetched anew after each entry. --}}
<div id="draw-{{ $name }}" hx-get="{{ route('job.drawing', [$page->job, $name]) }}" hx-trigger="spindle:entered from:body" hx-target="this"
    hx-swap="outerHTML" hx-include="this" hx-sync="this:queue last">@include("drawings.{$name}")</div>
