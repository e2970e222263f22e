@php($job = $walk->job()->job)
@php($post = $walk->address('job.walk.take'))
<form class="card step together" id="card-{{ $card->id() }}" method="post" action="{{ $post }}" data-step="{{ $card->key }}"
    data-steps="{{ implode(' ', $group->keys()) }}" data-from="{{ $card->place() }}" data-shape="together" data-places="{{
    count($group->cards) }}">
    @csrf
    <h2>{{ $group->label() }}</h2>
    @foreach ($group->cards as $each)
        <div class="step-row">
            <p id="label-{{ $each->id() }}"><strong>{{ $each->label() }}.</strong> {{ $each->how() }}</p>
            @if ($each->behind !== null)<p class="step-behind">Put behind by {{ $each->behind->by_name }}: {{ $each->behind->words()
                }}.</p>@endif
            @foreach ($each->form->places() as $place)
                @partial('walk.place', ['place' => $place, 'form' => $each->form, 'card' => $each, 'post' => $post])
            @endforeach
            @partial('walk.said', ['card' => $each, 'walk' => $walk, 'once' => ''])
        </div>
    @endforeach
    <button type="button" class="btn big" data-all="{{ $group::DONE }}">The rest is done, as each says</button>
    @partial('walk.go', ['card' => $card, 'walk' => $walk, 'reasons' => $reasons])
</form>
