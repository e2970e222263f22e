@props(['page', 'station'])
<nav class="rail" id="rail" aria-label="Stations of the job">
    <ol>
        @include('job.rail')
    </ol>
</nav>
