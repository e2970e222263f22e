{{-- A drawing made of readings that are kept at another station: it is fetched anew after each entry. --}}
<div id="draw-{{ $name }}" data-fresh="{{ route('job.drawing', [$page->job, $name]) }}">@include("drawings.{$name}")</div>
