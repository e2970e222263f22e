@props(['entries', 'key', 'label' => null, 'how' => true, 'instrument' => true, 'live' => false])
{{-- A live field is there even when it is not asked, out of sight, and comes when an answer makes it asked. --}}
@if ($live || $entries->asks($key))
@php($form = App\Page\FieldForm::for($entries, $key))
<fieldset {{ $attributes->class(['reading', 'wide' => $form->isWide(), 'many' => $form->isMany()]) }} @if ($live) data-live="{{ $key }}"
    @if (! $entries->asks($key)) hidden @endif @endif>
    <legend id="label-{{ $form->id() }}">{{ $label ?? $form->field->label }}</legend>
    @if ($how && $form->field->how !== '')<div class="how">{{ $form->field->how }}</div>@endif
    <div class="places" id="places-{{ $form->id() }}">
        @foreach ($form->places() as $place)
            @include('job.place')
        @endforeach
    </div>
    @if ($form->instruments() !== [] && ! $instrument)
        <input type="hidden" name="i[{{ $key }}]" value="{{ $form->instrument() }}">
    @elseif ($form->instruments() !== [])
        {{-- With what: one quiet line that opens when it was something else. --}}
        <details class="instrument">
            <summary><span class="sr-only">{{ $form->field->label }} measured with </span><span
                class="chosen">{{ $form->instruments()[$form->instrument()] ?? 'another instrument' }}</span></summary>
            <select name="i[{{ $key }}]" aria-label="{{ $form->field->label }} measured with" @disabled($page->job->isSigned())
                data-instrument>
                @foreach ($form->instruments() as $word => $text)
                    <option value="{{ $word }}" @selected($word === $form->instrument())>{{ $text }}</option>
                @endforeach
            </select>
            @foreach (($devices ?? null)?->inUse ?? [] as $device)
                <button class="link small" type="submit" form="arm-form" name="device" value="{{ $device->id }}"
                    formaction="{{ route('job.arm', [$page->job, 'field' => $key, 'position' => $form->firstEmpty()])
                    }}">Let {{ $device->name }} enter it</button>
            @endforeach
        </details>
    @endif
</fieldset>
@endif
