<p class="small soft">
    {{ $f->isNone() ? $page->display->number($shelf->shelf->counted ?? 0, 0).' kits,' : 'Of what is like this' }}
    {{ $page->display->number($shelf->fitting(), 0) }} that stand the first look{{ $shelf->counts() === [] ? ''
        : '; of them '.implode(', ', $shelf->counts()) }}. @if ($page->job->isPractice())Rated by {{
        $at->rating() }}.@else<a href="{{ route('rules') }}">Rated by {{ $at->rating() }}</a>.@endif</p>
