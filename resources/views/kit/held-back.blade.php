<section class="card basis-full" id="held-back">
    <h2 class="m-0">Kits that cannot be put in</h2>
    <ul class="plain-list">@foreach ($reasons as $reason => $count)
        <li><span class="num">{{ $page->display->number($count, 0) }}</span> {{ $reason }}</li>
    @endforeach</ul>
    <p class="small soft">Each stands under the first thing that keeps it out.</p>
    @if ($misses !== [])
        <h3>Held back for one reason alone</h3>
        <p class="small soft">A reading that slipped does that too: look at the figures.</p>
        <ul class="plain-list">@foreach ($misses as $miss)
            <li><a href="{{ route('job.kit.page', [$page->job, $miss->row->kit]) }}">{{ $miss->row->kit->name }}</a>
                <span class="small soft">{{ $miss->row->what() }}</span> <span class="small">{{ $miss->why($page) }}</span></li>
        @endforeach</ul>
    @endif
    <p><a class="small" href="{{ route('station', [$page->job, 'kit']) }}">The shelf</a></p>
</section>
