@php($reasons = $page->why())
@piece('why-said', 'div')
    @if ($reasons === [])
        <p class="soft">Nothing was looked at yet. What the parts show is held against what triage suspected, and stands here.</p>
    @else
        <ul class="reasons">
            @foreach ($reasons as $reason)
                <li data-standing="{{ $reason->standing->value }}"><strong>{{ $reason->cause->label }}</strong>:
                    {{ $reason->standing->words() }}@if ($reason->chance !== null)<span
                    class="soft small"> (triage gave it {{ App\Figures\Chance::said($reason->chance, $page->display) }})</span>@endif.
                    @if ($reason->because !== [])<span class="small">{{ implode(' ', $reason->because) }}</span>@endif</li>
            @endforeach
        </ul>
    @endif
@endpiece
