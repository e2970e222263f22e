<p class="small soft">A sign that nobody asked for says nothing. One that was asked for and is not there speaks against its causes.</p>
@include('job.sign-picker', ['signs' => 'triage.absent', 'list' => 'absent', 'find' => 'Find what was asked for'])
