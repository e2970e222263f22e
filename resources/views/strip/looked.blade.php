{{-- Looked at and nothing found, said beside the line of the part; gone once the part was looked at. --}}
@php($isUnseen = $at->isUnseen($part))
@if ($pieces->wants('looked-'.$part->value, (string) $isUnseen))
@piece('looked-'.$part->value, 'div', ['class' => 'quick'], (string) $isUnseen)
    @if ($isUnseen)
        @php($place = $entries->form($part->value.'.conditions')->places()[0])
        <label><input type="checkbox" name="{{ $place->name() }}[]" value="{{ $at->nothingFound() }}" data-quick
            data-part="{{ $part->value }}" data-address="{{ $entries->links->part($part) }}"
            hx-post="{{ $place->postTo }}" hx-trigger="change" hx-swap="none" hx-include="this" hx-params="{{ $place->params() }}">
                <span class="sr-only">{{ $part->label($page->sheet) }} looked at, </span>nothing found</label>
    @endif
@endpiece
@endif
