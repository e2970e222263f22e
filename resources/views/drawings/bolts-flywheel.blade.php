@include('drawings.bolts', ['group' => $drawings->group('flywheel')])
