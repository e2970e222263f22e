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
    @if ($form->instruments() !== [] && ! $instrument)
        <input type="hidden" name="i[{{ $key }}]" value="{{ $form->instrument() }}">
    @elseif ($form->instruments() !== [])
        {{-- With what: one quiet line that opens when it was something else. --}}
        <details class="instrument">
            <summary><span class="sr-only">{{ $form->field->label }} measured with </span><span
                class="chosen">{{ $form->instruments()[$form->instrument()] ?? 'another instrument' }}</span></summary>
            <select name="i[{{ $key }}]" aria-label="{{ $form->field->label }} measured with" @disabled($isSigned)
                data-instrument>
                @foreach ($form->instruments() as $word => $text)
                    <option value="{{ $word }}" @selected($word === $form->instrument())>{{ $text }}</option>
                @endforeach
            </select>
            @foreach (($devices ?? null)?->inUse ?? [] as $device)
                <button class="link small" type="submit" form="arm-form" name="device" value="{{ $device->id }}"
                    formaction="{{ route('job.arm', [$job, 'field' => $key, 'position' => $form->firstEmpty()])
                    }}">Let {{ $device->name }} enter it</button>
            @endforeach
        </details>
    @endif
</fieldset>
