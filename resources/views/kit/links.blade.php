<nav class="kit-links" aria-label="Kit">
    @foreach (['shelf' => ['Shelf', route('station', [$page->job, 'kit'])], 'parts' => ['Everything the job needs', route('job.parts',
        $page->job)], 'offer' => ['What it will cost', route('job.offer', $page->job)],
        'driving' => ['What it costs to drive', route('job.driving', $page->job)]] as $name => [$title, $to])
        <a class="btn small" href="{{ $to }}" @if ($here === $name) aria-current="page" @endif>{{ $title }}</a>
    @endforeach
</nav>
@if ($here !== 'offer' && $page->values()->has('offer.total'))<div hx-get="{{ route('job.offer.beyond', $page->job) }}" hx-trigger="load"
    aria-live="polite"></div>@endif
