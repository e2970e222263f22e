@include('drawings.bores', ['cylinder' => 'master'])
