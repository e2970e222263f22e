@includeFirst(['strip.'.$part->value, 'strip.fields'])
@if ($part->lookedAt() === $part->value.'.conditions')
    @reading($part->value.'.conditions', class: 'mt-2')
@endif
@if ($part->isKept())
    <x-as-left :page="$page" :entries="$entries" :keys="$part->readAgain($page->sheet->dictionary)">
        Mended or new: read it once more. From then on only these count; what was found stays on the record.
    </x-as-left>
@endif
@include('strip.photos')
