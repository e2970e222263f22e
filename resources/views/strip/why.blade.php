@php($reasons = $page->why())
@php($form = $entries->form('why.causes'))
@php($place = $form->places()[0])
@piece('why-said', 'div')
    @if ($reasons === [])
        <p class="soft">Nothing was looked at yet. What the parts show is held against what triage suspected, and stands here.</p>
    @else
        <ul class="reasons">
            @foreach ($reasons as $reason)
                <li data-standing="{{ $reason->standing->value }}">
                    @if ($reason->isShown())<label class="by-this"><input type="checkbox" id="by-{{ $reason->cause->id }}"
                        name="{{ $place->name() }}[]" value="{{ $reason->cause->id }}" @checked($place->has($reason->cause->id))
                        @disabled($place->locked) hx-post="{{ $place->postTo }}" hx-trigger="change, spindle:send" data-entry>
                        <span class="sr-only">It failed by this:</span>@endif
                    <span><strong>{{ $reason->cause->label }}</strong>: {{ $reason->standing->words() }}@if ($at->chance($reason)
                        !== '')<span
                        class="soft small"> (triage gave it {{ $at->chance($reason) }})</span>@endif.
                        @if ($reason->because !== [])<span class="small">{{ $reason->because($page->display) }}</span>@endif</span>
                    @if ($reason->isShown())</label>@endif
                </li>
            @endforeach
        </ul>
    @endif
@endpiece
