{{-- What the parts suggest stands first, each to be confirmed with one tick; the other causes are folded away. --}}
@php($form = $entries->form('why.causes'))
@php($place = $form->places()[0])
@php($shown = $at->suggested())
@php($rest = array_diff_key($form->ticks(), array_flip($shown)))
<fieldset class="reading wide">
    <legend id="label-why-causes" class="sr-only">What it failed by</legend>
    <div class="places" id="places-why-causes">
        <div class="place" data-place="{{ $place->draftKey() }}" data-field="why.causes" data-position="0"
            hx-target="#{{ $place->metaId() }}" hx-params="{{ $place->params() }}">
            <input type="hidden" name="{{ $place->name() }}[]" value="">
            @include('strip.why')
            <details class="rest" @if (array_filter(array_keys($rest), $place->has(...)) !== []) open @endif>
                <summary>{{ $shown === [] ? 'What you conclude' : 'Another cause' }}</summary>
                <div class="ticks" role="group" aria-label="{{ $shown === [] ? 'What you conclude' : 'Another cause' }}">
                    @foreach ($rest as $word => $text)
                        <label><input type="checkbox" name="{{ $place->name() }}[]" value="{{ $word }}" @checked($place->has($word))
                            @disabled($place->locked) hx-post="{{ $place->postTo }}" hx-trigger="change, spindle:send" data-entry>
                            <span>{{ $text }}</span></label>
                    @endforeach
                </div>
            </details>
            @include('job.meta')
        </div>
    </div>
</fieldset>
