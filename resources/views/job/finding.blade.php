@piece($pieceId, 'details', ['class' => 'finding v-'.$finding->verdict->value,
    ...(request()->query('finding') === $finding->id ? ['open' => 'open'] : [])], $madeFrom)
    <summary>
        @mark($finding->verdict)
        <span><span class="word">{{ ucfirst($finding->verdict->label()) }}.</span> {{ $finding->say($page->display)
            }}@if ($finding->isWaived()) <span
            class="soft">Waived{{ $page->letThrough->by($finding->id) }}: {{ $finding->waiver }}</span>@endif</span>
    </summary>
    @if (request()->query('finding') === $finding->id) @include('job.finding-why')
    @elseif ($tell->hasMore($finding))
        <p hx-get="{{ $entries->links->finding($finding->id, $entries->station()) }}" hx-trigger="toggle once from:closest details"><a
            class="underline small" href="?finding={{ $finding->id }}#{{ $pieceId }}">How, readings, limit</a></p>
    @endif
@endpiece
