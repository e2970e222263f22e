@include('intake.history')
@include('job.cautions')
@include('intake.signs')
