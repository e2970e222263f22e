@php($held = $at->held())
@if ($held !== 0)
    <a class="btn" id="held-back" href="{{ $at->heldBack() }}" hx-get="{{ $at->heldBack() }}" hx-target="#held-back"
        hx-swap="outerHTML">{{ $held === null ? 'Kits like this that cannot be put in'
        : $page->display->number($held, 0).' kits cannot be put in' }}: why</a>
@endif
