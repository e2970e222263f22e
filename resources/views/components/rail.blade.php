@props(['page', 'entries', 'station'])
<nav class="rail" id="rail" aria-label="Stations of the job">
    <ol>
        @include('job.rail')
    </ol>
    <a class="rail-plan" href="{{ route('job.plan', $page->job) }}">Plan and promise</a>
</nav>
