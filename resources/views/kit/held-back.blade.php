<section class="card mt-3" id="held-back">
    <h2 class="m-0">Kits that cannot be put in</h2>
    <ul class="plain-list">@foreach ($reasons as $reason => $count)
        <li><span class="num">{{ $page->display->number($count, 0) }}</span> {{ $reason }}</li>
    @endforeach</ul>
    <p class="small soft">Each stands under the first thing that keeps it out.</p>
    <p><a class="small" href="{{ route('station', [$page->job, 'kit']) }}">The shelf</a></p>
</section>
