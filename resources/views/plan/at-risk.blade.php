@if ($risks !== [])
    <section class="card at-risk" aria-label="Promises that no longer stand"><h2>Promises that are not safe</h2>
        <ul class="plain-list">@foreach ($risks as $risk)<li><a href="{{ route('job.plan', $risk->job) }}">{{ $risk->job->label() }}</a> {{
            $risk->job->vehicle->name }}. {{ $risk->said }} {{ $risk->why }} {{ implode(' ', $risk->saves) }}</li>@endforeach</ul>
    </section>
@endif
