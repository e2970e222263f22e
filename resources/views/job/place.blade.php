<div class="place" data-place="{{ $place->draftKey() }}" data-field="{{ $form->field->key }}" data-position="{{ $place->position }}"
    hx-target="#{{ $place->metaId() }}" hx-params="{{ $place->params() }}">
    @include('job.entry')
    @include('job.meta')
</div>
