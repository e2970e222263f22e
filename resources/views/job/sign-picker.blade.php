@php($form = $entries->form('triage.signs'))
@php($place = $form->places()[0])
<fieldset class="reading card">
    <legend class="sr-only" id="label-{{ $form->id() }}">Signs</legend>
    <label class="small font-semibold js-only" for="sign-search">Find a sign</label>
    <input class="plain js-only" id="sign-search" type="search" autocomplete="off" data-filter="#signs">
    <div class="place" id="signs" data-place="{{ $place->draftKey() }}" data-field="triage.signs" data-position="0"
        hx-target="#{{ $place->metaId() }}" hx-swap="outerHTML" hx-include="#signs" hx-params="{{ $place->params() }}"
        hx-sync="#work:queue all">
        <input type="hidden" name="{{ $place->name() }}[]" value="">
        @foreach ($entries->signs() as $group => $signs)
            <div role="group" aria-label="{{ $group }}">
                <p class="font-semibold mt-2">{{ $group }}</p>
                <div class="ticks">
                    @foreach ($signs as $sign => $text)
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
