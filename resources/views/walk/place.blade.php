<div class="place" data-place="{{ $place->draftKey() }}" data-field="{{ $form->field->key }}" data-position="{{ $place->position }}"
    hx-target="#{{ $place->metaId() }}" hx-params="{{ $place->params() }},once" hx-swap="outerHTML"
    hx-sync="#cards:queue all">
    @switch($card->shape())
        @case('taps')
            <input type="hidden" name="{{ $place->name() }}" value="{{ $place->typed }}" data-entry hx-post="{{ $post }}"
                hx-trigger="change, spindle:send">
            <div class="taps" role="group" aria-labelledby="label-{{ $card->id() }}">
                @foreach ($form->field->options as $word => $text)
                    <button class="btn tap" name="{{ $place->name() }}" value="{{ $word }}" data-tap aria-pressed="{{
                        $place->typed === (string) $word ? 'true' : 'false' }}" @disabled($place->locked)>{{ $text }}</button>
                @endforeach
            </div>
            @break
        @case('looked')
            <div class="ticks looked" role="group" aria-labelledby="label-{{ $card->id() }}">
                <input type="hidden" name="{{ $place->name() }}[]" value="">
                <label class="btn tap"><input type="checkbox" name="{{ $place->name() }}[]" value="none" @checked($place->has('none'))
                    data-entry data-nothing hx-post="{{ $post }}" hx-trigger="change, spindle:send"> <span>Looked, nothing
                    found</span></label>
                <details class="found" @if ($place->typed !== '' && ! $place->has('none')) open @endif>
                    <summary class="btn tap">Found something</summary>
                    <div class="found-what">
                        @foreach ($card->findable() as $word => $text)
                            <label class="btn tap"><input type="checkbox" name="{{ $place->name() }}[]" value="{{ $word }}"
                                @checked($place->has($word)) data-entry hx-post="{{ $post }}" hx-trigger="change, spindle:send">
                                <span>{{ $text }}</span></label>
                        @endforeach
                    </div>
                </details>
            </div>
            @break
        @default
            @if ($form->shape() === 'line')
                <div class="box">
                    @if ($form->isMany())<span class="place-no" aria-hidden="true">{{ $place->position + 1 }}</span>@endif
                    <input type="text" name="{{ $place->name() }}" value="{{ $place->typed }}" autocomplete="off" spellcheck="false"
                        aria-label="{{ $form->spoken($place->position) }}" aria-describedby="{{ $place->metaId() }}"
                        enterkeyhint="go" @if ($form->field->dimension !== null) inputmode="decimal" @endif @disabled($place->locked)
                        hx-post="{{ $post }}" hx-trigger="change, spindle:send" data-entry>
                    @if ($form->unit() !== '')<span class="unit">{{ $form->unit() }}</span>@endif
                </div>
            @elseif ($form->shape() === 'ticks')
                <div @class(['ticks found-what', 'in-order' => $form->isInOrder()]) role="group" aria-labelledby="label-{{ $card->id()
                    }}" tabindex="0">
                    <input type="hidden" name="{{ $place->name() }}[]" value="">
                    @foreach ($form->ticks() as $word => $text)
                        <label class="btn tap"><input type="checkbox" name="{{ $place->name() }}[]" value="{{ $word }}"
                            @checked($place->has($word)) data-entry hx-post="{{ $post }}" hx-trigger="change, spindle:send">
                            <span>{{ $text }}</span></label>
                    @endforeach
                </div>
                @if ($form->isInOrder())<button type="button" class="btn big" data-every>All of these, in this order</button>@endif
            @elseif ($form->shape() === 'choice')
                <select name="{{ $place->name() }}" aria-labelledby="label-{{ $card->id() }}" aria-describedby="{{ $place->metaId() }}"
                    hx-post="{{ $post }}" hx-trigger="change, spindle:send" data-entry>
                    <option value="">not entered</option>
                    @foreach ($form->field->options as $word => $text)
                        <option value="{{ $word }}" @selected($place->typed === (string) $word)>{{ $text }}</option>
                    @endforeach
                </select>
            @else
                <textarea name="{{ $place->name() }}" rows="3" enterkeyhint="go" aria-labelledby="label-{{ $card->id()
                    }}" aria-describedby="{{ $place->metaId() }}" hx-post="{{ $post }}" hx-trigger="change, spindle:send"
                    data-entry>{{ $place->typed }}</textarea>
            @endif
    @endswitch
    @partial('job.meta', ['place' => $place])
</div>
