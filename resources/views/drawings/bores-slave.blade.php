@include('drawings.bores', ['cylinder' => 'slave'])
