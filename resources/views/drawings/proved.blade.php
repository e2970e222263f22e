@php($p = $drawings->proved())
<p class="proved">{{ $p->sentence() }}@if ($p->interval() !== '') <span class="soft">{{ $p->interval() }}</span>@endif</p>
@foreach ($p->failed as $test)
    @php($cure = $p->cure($test))
    <div class="cure">
        @mark('out')
        <p><b>{{ $test->label() }}.</b> {{ $cure->said->in($page->display) }}
            <a class="underline" href="{{ $entries->links->reading($cure->station, $cure->reading) }}">To {{
                $cure->station->label() }}</a></p>
        <button class="btn small" form="round-form" name="test" value="{{ $test->value }}" @disabled(
            $page->job->isSigned())>Try again, round {{
            ($page->values()->count($test->key('round')) ?? 1) + 1 }}<span class="sr-only"> of {{ $test->label() }}</span></button>
    </div>
@endforeach
@foreach ($p->stories() as $story)
    <p class="small"><b>{{ $story->test->label() }}.</b> {{ $story->sentence() }}
        <span class="soft">{{ implode('; ', array_filter(array_map(fn ($r) => $r->by, $story->rounds))) }}</span></p>
@endforeach
