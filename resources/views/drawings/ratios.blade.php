@php($found = array_filter(Spindle\Release\MovedRatio::all($page->values()), fn ($r, $key) => ! $page->values()->has($key),
    ARRAY_FILTER_USE_BOTH))
<p class="soft small my-2">{{ $found === [] ? 'A ratio can be found by moving one end a known amount and measuring the other, below.'
    : 'Found by moving: '.implode(', ', array_map(fn ($key, $ratio) => lcfirst($page->sheet->dictionary->get($key)->label).' '
    .$page->display->number($ratio->value, 2), array_keys($found), $found)).'.' }}</p>
