@include('drawings.bolts', ['group' => $drawings->group('cover')])
