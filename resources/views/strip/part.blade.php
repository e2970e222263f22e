@includeFirst(['strip.'.$part->value, 'strip.fields'])
<div class="seen">
    @if ($part->lookedAt() === $part->value.'.conditions')
        @reading($part->value.'.conditions')
    @endif
    @include('strip.photos')
</div>
@if ($part->isKept())
    <x-as-left :page="$page" :entries="$entries" :keys="$part->readAgain($page->sheet->dictionary)">
        Mended or new: read it once more. From then on only these count; what was found stays on the record.
    </x-as-left>
@endif
