<div class="card guard is-out">
    <p><strong>{{ $said }}</strong> <a class="underline" href="{{ route('job.offer', $job) }}">To the offer</a></p>
</div>
