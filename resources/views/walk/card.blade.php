@php([$job, $form] = [$walk->job()->job, $card->form])
@php($post = $walk->address('job.walk.take'))
<form class="card step" id="card-{{ $card->id() }}" method="post" action="{{ $post }}" data-step="{{ $card->key }}"
    data-steps="{{ implode(' ', $card->keys()) }}" data-from="{{ $card->place() }}" data-shape="{{ $card->shape() }}"
    data-places="{{ $form?->field->positions ?? 1 }}">
    @csrf
    @if ($card->part() !== '')<p class="step-part">{{ $card->part() }}</p>@endif
    <h2 id="label-{{ $card->id() }}">{{ $card->label() }}</h2>
    <p class="step-where">@if ($card->where() !== '')<strong>{{ $card->where() }}</strong>@endif @if ($card->how() !== ''){{ $card->how()
        }}@endif</p>
    @if ($card->caution() !== '')<p class="step-caution"><strong>Caution:</strong> {{ $card->caution() }}</p>@endif
    @if ($card->behind !== null)<p class="step-behind">Put behind by {{ $card->behind->by_name }}: {{ $card->behind->words() }}.</p>@endif
    <div class="step-seen">
        @if ($card->sketch !== null) @partial('walk.sketch', ['sketch' => $card->sketch, 'band' => $card->band]) @endif
        @if ($card->band !== null) @partial('walk.band', ['band' => $card->band]) @endif
    </div>
    @if ($card->shape() === 'bolts')
        @php($ticks = "t[{$card->bolts->value}]")
        {{-- Ticks are sent from here: the buttons are drawn anew with every answer. --}}
        <span hidden data-keeps data-ticks="{{ $ticks }}" data-address="{{ route('job.walk.take', [$job, ...array_filter(['at' =>
            $walk->at?->value]), 'card' => $card->key]) }}" hx-sync="#cards:queue all" hx-params="{{ $ticks }}"></span>
        <p class="refusal" role="alert" data-said-of="{{ $ticks }}" hidden>Not ticked. Tick it again.</p>
        @include('walk.bolts')
    @elseif ($card->shape() === 'elsewhere')
        <p><a class="btn main big" href="{{ $card->elsewhere() }}">{{ $form === null ? 'To the kits' : 'On its drawing, at '
            .$card->station->label() }}</a></p>
    @else
        @php($places = $form->places())
        <div class="step-places" data-count="{{ count($places) }}">
            @foreach ($places as $place)
                @partial('walk.place', ['place' => $place, 'form' => $form, 'card' => $card, 'post' => $post])
            @endforeach
        </div>
        @if ($form->isReadOff())<button class="btn big read-off" name="field" value="{{ $card->key }}" formaction="{{ $form->readAt()
            }}" data-read-off>Read it</button>@endif
        @if ($form->instruments() !== [])<input type="hidden" name="i[{{ $card->key }}]" value="{{ $form->instrument() }}">@endif
    @endif
    @partial('walk.said', ['card' => $card, 'walk' => $walk, 'once' => ''])
    @partial('walk.go', ['card' => $card, 'walk' => $walk, 'reasons' => $reasons])
</form>
