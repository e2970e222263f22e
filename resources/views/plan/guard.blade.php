@if ($guard !== null && ! $guard->isSafe())
    <div @class(['card', 'guard', 'is-out' => ! $guard->isLikely()])>
        <p><strong>{{ $planning->promised() }}</strong> {{ $guard->why->in($page->display) }}</p>
        @if (! $guard->isLikely())
            <ul class="plain-list">@forelse ($guard->saves as $save)<li>{{ $save->in($page->display) }}</li>
            @empty<li>Nothing alone would make it likely again: tell the customer.</li>@endforelse</ul>
            <div hx-get="{{ route('job.plan.kit', $page->job) }}" hx-trigger="load" aria-live="polite"></div>
        @endif
    </div>
@endif
