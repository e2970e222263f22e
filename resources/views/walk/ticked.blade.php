{{-- How many bolts there are can be taken back meanwhile: then there is nothing to draw. --}}
@includeWhen($card->bolts !== null, 'walk.bolts')
@include('walk.said', ['once' => '', 'answers' => true])
@include('walk.way', ['answers' => true])
