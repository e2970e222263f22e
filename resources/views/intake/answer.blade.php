@include('intake.asked', ['oob' => true])
@include('intake.history', ['oob' => true])
@include('job.cautions', ['oob' => true])
@include('intake.signs', ['oob' => true])
