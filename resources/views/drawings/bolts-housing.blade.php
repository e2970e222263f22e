@include('drawings.bolts', ['group' => $drawings->group('housing')])
