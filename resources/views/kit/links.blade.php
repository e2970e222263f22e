<nav class="kit-links" aria-label="Kit">
    @foreach (['shelf' => ['Shelf', route('station', [$page->job, 'kit'])], 'parts' => ['Everything the job needs', route('job.parts',
        $page->job)]] as $name => [$title, $to])
        <a class="btn small" href="{{ $to }}" @if ($here === $name) aria-current="page" @endif>{{ $title }}</a>
    @endforeach
</nav>
