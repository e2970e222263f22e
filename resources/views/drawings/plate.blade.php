@include('drawings.clock-face', ['part' => 'cover'])
