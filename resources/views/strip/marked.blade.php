@php($marks = $at->marks($part))
@php($refused = $entries->refusalIn("{$part}.marks"))
@piece('marked-'.$part, 'div', ['role' => 'status', 'data-refused' => $refused === '' ? '' : 'yes'])
    @if ($refused !== '')<p class="refusal">{{ $refused }}</p>@endif
    <ul class="marked">
        @foreach ($marks as $position => $mark)
            <li><span>{{ $mark->label() }} at <span class="num">{{ $mark->clock() }}</span> o’clock, <span
                class="num">{{ $page->display->quantity($mark->radius, 1.0) }}</span> out</span>
                @unless ($page->job->isSigned())
                    <button class="link small" name="m[{{ $part }}][take]" value="{{ $position }}"
                        hx-post="{{ route('station.store', [$page->job, 'strip']) }}" hx-swap="none" hx-include="this"
                        hx-sync="#work:queue all" hx-params="m[{{ $part }}][take]">Take off<span
                        class="sr-only"> the {{ $mark->label() }} at {{ $mark->clock() }}</span></button>
                @endunless
            </li>
        @endforeach
    </ul>
    @if ($marks === [])<p class="small soft">None placed.</p>@endif
@endpiece
