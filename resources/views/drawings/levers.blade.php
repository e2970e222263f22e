@include('drawings.ring', ['key' => 'two_stage.lever_heights', 'what' => 'Levers of both stages'])
