@php($form = $entries->form($signs))
@php($place = $form->places()[0])
<fieldset class="reading card">
    <legend class="sr-only" id="label-{{ $form->id() }}">{{ $form->field->label }}</legend>
    <label class="small font-semibold js-only" for="{{ $list }}-search">{{ $find }}</label>
    <input class="plain js-only" id="{{ $list }}-search" type="search" autocomplete="off" data-filter="#{{ $list }}">
    <div class="place sign-list" id="{{ $list }}" data-place="{{ $place->draftKey() }}" data-field="{{ $signs }}" data-position="0"
        hx-target="#{{ $place->metaId() }}" hx-swap="outerHTML" hx-include="#{{ $list }}" hx-params="{{ $place->params() }}"
        hx-sync="#work:queue all">
        <input type="hidden" name="{{ $place->name() }}[]" value="">
        @foreach ($entries->signs($signs) as $group => $ofGroup)
            <div role="group" aria-label="{{ $group }}">
                <p class="font-semibold mt-2">{{ $group }}</p>
                <div class="ticks">
                    @foreach ($ofGroup as $sign => $text)
                        <label data-text="{{ mb_strtolower($group.' '.$text) }}"><input type="checkbox" name="{{ $place->name() }}[]"
                            value="{{ $sign }}" @checked($place->has($sign)) @disabled($place->locked) hx-post="{{ $place->postTo }}"
                            hx-trigger="change, spindle:send" data-entry> {{ $text }}</label>
                    @endforeach
                </div>
            </div>
        @endforeach
        @include('job.meta', ['place' => $place, 'page' => $page])
    </div>
</fieldset>
