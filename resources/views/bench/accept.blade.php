<p class="small soft mb-2">Any no stops the job. What is sent back is noted at <a href="{{ route('job.parts',
    $page->job) }}">the order</a>; a photo below goes with it.</p>
<div class="fields card">
    @reading('bench.damage', class: 'span')@reading('bench.accepted')@reading('bench.reason')
</div>
