@include('drawings.bolts', ['group' => $drawings->group('slave')])
