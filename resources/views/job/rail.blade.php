@foreach ($station::cases() as $each)
    @php([$verdict, $words] = [$page->verdictAt($each), $tell->collar($page, $each)])
    @continue(! $pieces->wants('rail-'.$each->value, $verdict->value.$words))
    @piece('rail-'.$each->value, 'li', [], $verdict->value.$words)
        <a href="{{ $entries->links->to($each) }}" data-key="{{ $each->key() }}"
            @if ($each === $station && ! isset($heading)) aria-current="page" @endif>
            <span class="collar">@mark($verdict)</span>
            <span class="name">{{ $each->label() }}<span class="left">{{ $words }}</span></span>
        </a>
    @endpiece
@endforeach
