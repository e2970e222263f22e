<div class="place" data-place="{{ $place->draftKey() }}" data-field="{{ $form->field->key }}" data-position="{{ $place->position }}"
    hx-target="#{{ $place->metaId() }}" hx-params="{{ $place->params() }}">
    @partial('job.entry', ['form' => $form, 'place' => $place])
    @partial('job.meta', ['place' => $place])
</div>
