@props(['verdict'])
<svg class="mark" viewBox="0 0 22 22" aria-hidden="true">
    @switch($verdict->value)
        @case('within')<circle class="within" cx="11" cy="11" r="8.5"/>@break
        @case('near')<circle class="near-ring" cx="11" cy="11" r="7.75" fill="none" stroke-width="2"/><path class="near" d="M11 2.5a8.5 8.5 0 0 0 0 17z"/>@break
        @case('out')<path class="out" d="M3 3h11v5h5v11H3z"/>@break
        @case('unmeasured')<circle class="unmeasured" cx="11" cy="11" r="7.75" fill="none" stroke-width="2" stroke-dasharray="4 3.1"/>@break
        @default<path class="na" d="M6 11h10" stroke-width="3" fill="none"/>
    @endswitch
</svg>
