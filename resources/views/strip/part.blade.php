@includeFirst(['strip.'.$part->value, 'strip.fields'])
@if ($part !== Spindle\JobSheet\StripPart::ClutchBrake)
    <x-reading class="mt-3" :bench="$bench" :key="$part->value.'.conditions'" />
@endif
@include('strip.photos')
