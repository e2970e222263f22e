@foreach ($outcomes as $outcome)
    @php($form = $walk->entries->form($outcome->field))
    @partial('job.meta', ['place' => $form->place($outcome->position)])
@endforeach
@include('walk.said', ['card' => $card, 'once' => $once, 'answers' => true])
@include('walk.way', ['answers' => true])
