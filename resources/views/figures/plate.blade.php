@include('figures.clock-face', ['part' => 'cover'])
