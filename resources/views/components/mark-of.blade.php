{{-- How well founded a built-in figure is, as one short mark; its meaning stands in the legend of the page. --}}
@props(['mark'])
<abbr class="tag" title="{{ $mark->meaning() }}">{{ $mark->value }}</abbr>
