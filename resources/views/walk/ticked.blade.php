@include('walk.bolts')
@include('walk.said', ['once' => '', 'answers' => true])
@include('walk.way', ['answers' => true])
