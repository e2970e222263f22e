<div class="place" data-place="{{ $place->draftKey() }}" data-field="{{ $form->field->key }}" data-position="{{ $place->position }}">
    <x-entry :place="$place" :form="$form" />
    <x-meta :place="$place" :bench="$bench" />
</div>
