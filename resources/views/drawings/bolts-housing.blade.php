@include('drawings.bolts', ['group' => Spindle\Fastening\BoltGroup::Housing])
