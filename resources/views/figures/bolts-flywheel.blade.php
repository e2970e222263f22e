@include('figures.bolts', ['group' => Spindle\Fastening\BoltGroup::Flywheel])
