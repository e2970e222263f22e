@include('job.sign-picker', ['signs' => 'triage.signs', 'list' => 'signs', 'find' => 'Find a sign'])
