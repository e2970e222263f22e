@include('drawings.ring', ['key' => 'cover.finger_heights', 'what' => 'Fingers or levers'])
