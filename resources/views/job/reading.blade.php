<fieldset @class(['reading', 'wide' => $form->isWide(), 'many' => $form->isMany(), $class => $class !== ''])
    @if ($live) data-live="{{ $key }}"
    @if (! $isAsked) hidden @endif @endif>
    <legend id="label-{{ $form->id() }}">{{ $label ?? $form->field->label }}</legend>
    @if ($how && $form->field->how !== '')<div class="how">{{ $form->field->how }}</div>@endif
    <div class="places" id="places-{{ $form->id() }}">
        @foreach ($form->places() as $place)
            @partial('job.place', ['form' => $form, 'place' => $place])
        @endforeach
    </div>
    @if ($form->isReadOff())<button class="btn small read-off" name="field" value="{{ $key }}" formaction="{{
        $form->readAt() }}" data-read-off>Read<span class="sr-only"> {{ $form->field->label }}</span></button>@endif
    @if ($form->instruments() !== [] && ! $instrument)
        <input type="hidden" name="i[{{ $key }}]" value="{{ $form->instrument() }}">
    @elseif ($form->instruments() !== [])
        {{-- With what: one quiet line. What else there is stands in the page once, and comes in when the line is opened. --}}
        <details class="instrument">
            <summary><span class="sr-only">{{ $form->field->label }} measured with </span><span
                class="chosen">{{ $form->instruments()[$form->instrument()] ?? 'another instrument' }}</span></summary>
            <input type="hidden" name="i[{{ $key }}]" value="{{ $form->instrument() }}">
        </details>
    @endif
</fieldset>
