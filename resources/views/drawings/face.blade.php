@include('drawings.clock-face', ['part' => 'flywheel'])
