<x-form :action="route('job.practice.end', $page->job)"><button class="btn main">Give it back, and see</button></x-form>
