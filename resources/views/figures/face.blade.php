@include('figures.clock-face', ['part' => 'flywheel'])
