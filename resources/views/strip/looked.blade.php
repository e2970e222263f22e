@php($unseen = $at->unseen())
@php($madeFrom = implode(' ', array_map(fn ($part) => $part->value, $unseen)))
@if ($pieces->wants('looked', $madeFrom))
@piece('looked', 'div', ['class' => $unseen === [] ? '' : 'card looked'], $madeFrom)
    @if ($unseen !== [])
        <p class="small soft" id="label-looked">Looked at it and found nothing? Tick it here. Whatever was found is entered with its
            part.</p>
        <div class="ticks across" role="group" aria-labelledby="label-looked">
            @foreach ($unseen as $part)
                @php($place = $entries->form($part->value.'.conditions')->places()[0])
                <label><input type="checkbox" name="{{ $place->name() }}[]" value="{{ $at->nothingFound() }}" data-quick
                    data-part="{{ $part->value }}" data-address="{{ $entries->links->part($part) }}"
                    hx-post="{{ $place->postTo }}" hx-trigger="change" hx-swap="none" hx-include="this" hx-params="{{ $place->params() }}">
                        {{ $part->label($page->sheet) }}</label>
            @endforeach
        </div>
    @endif
@endpiece
@endif
