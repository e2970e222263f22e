@switch($form->shape())
    @case('ticks')
        <div class="ticks" role="group" aria-labelledby="label-{{ $form->id() }}">
            <input type="hidden" name="{{ $place->name() }}[]" value="">
            @foreach ($form->ticks() as $word => $text)
                <label><input type="checkbox" name="{{ $place->name() }}[]" value="{{ $word }}" @checked($place->has($word))
                    @disabled($place->locked) hx-post="{{ $place->postTo }}" hx-trigger="change, spindle:send"
                    data-entry> <span>{{ $text }}@if ($form->consequence($word) !== '')
                    <span class="then">{{ $form->consequence($word) }}</span>@endif</span></label>
            @endforeach
        </div>
        @break
    @case('choice')
        <select name="{{ $place->name() }}" aria-labelledby="label-{{ $form->id() }}" aria-describedby="{{ $place->metaId() }}"
            @disabled($place->locked) hx-post="{{ $place->postTo }}" hx-trigger="change, spindle:send" data-entry>
            <option value="">not entered</option>
            @foreach ($form->field->options as $word => $text)
                <option value="{{ $word }}" @selected($place->typed === (string) $word)>{{ $text }}</option>
            @endforeach
        </select>
        @break
    @case('lines')
        <textarea name="{{ $place->name() }}" rows="2" aria-labelledby="label-{{ $form->id() }}" aria-describedby="{{ $place->metaId() }}"
            @disabled($place->locked) hx-post="{{ $place->postTo }}" hx-trigger="change, spindle:send"
            data-entry>{{ $place->typed }}</textarea>
        @break
    @default
        <div class="box">
            @if ($form->isMany())<span class="place-no" aria-hidden="true">{{ $place->position + 1 }}</span>@endif
            <input type="text" name="{{ $place->name() }}" value="{{ $place->typed }}" autocomplete="off" spellcheck="false"
                aria-label="{{ $form->spoken($place->position) }}" aria-describedby="{{ $place->metaId() }}"
                @if ($place->isRefused()) aria-invalid="true" @endif @if ($form->field->dimension !== null) inputmode="text" @endif
                @disabled($place->locked) hx-post="{{ $place->postTo }}" hx-trigger="change, spindle:send" data-entry>
            @if ($form->isDay() && ! $place->locked)<input type="date" class="day-picker no-print" data-picks-day
                value="{{ $place->typed }}" aria-label="Pick from a calendar: {{ $form->spoken($place->position) }}">@endif
            @if ($form->unit() !== '')<span @class(['unit', 'typed' => $place->namesItsUnit()])>{{ $form->unit() }}</span>@endif
        </div>
@endswitch
