<p class="small soft mb-2">No impact or electric driver on covers and concentric bearings: they seat tilted and leak. The maker’s
    torque and order decide. @unless ($page->job->isPractice())<a class="link" href="{{ route('job.labels', $page->job) }}">Labels for
        the bags</a>@endunless</p>
<div class="bolt-body">
{{-- Ticks are sent from here: buttons are drawn anew with every answer, and what waits its turn must not go with them. --}}
<span hidden data-keeps data-ticks="t[{{ $group->value }}]" data-address="{{ $entries->links->to($station) }}" hx-include="this"
    hx-sync="#work:queue all" hx-params="t[{{ $group->value }}]"></span>
<p class="refusal" role="alert" data-said-of="t[{{ $group->value }}]" hidden>Not ticked. Tick it again.</p>
<div hx-get="{{ route('job.bolts', [$page->job, $group->value]) }}" hx-trigger="every 6s" hx-include="this"
    hx-swap="innerHTML"
    hx-target="#draw-bolts-{{ $group->value }}">
    @piece('draw-bolts-'.$group->value, 'div') @include('drawings.bolts') @endpiece
</div>
<div class="fields">
    @foreach ($at->readings($group) as $key => $label)
        @reading($key, label: $label)
    @endforeach
</div>
</div>
