@if ($page->job->practice?->ended_at === null)
    <x-form :action="route('job.practice.end', $page->job)"><button class="btn main">Give it back, and see</button></x-form>
@else
    <p><a class="btn" href="{{ route('job.practice.debrief', $page->job) }}">How it went</a></p>
@endif
