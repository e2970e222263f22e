@php($job = $walk->job()->job)
<div id="way" class="way" data-order="{{ implode(' ', $walk->walk->keys()) }}" data-last="{{ $devices->last }}"
    hx-get="{{ $walk->address('job.walk.way') }}" hx-trigger="every 15s, spindle:way"
    hx-swap="outerHTML" @if ($answers ?? false) hx-swap-oob="true" @endif>
    <p class="way-said">{{ $walk->said() }}</p>
    <nav class="way-places" aria-label="Places">
        <a href="{{ route('job.walk', $job) }}" @if ($walk->at === null) aria-current="true" @endif>Everywhere</a>
        @foreach ($walk->places() as $there)
            <a href="{{ route('job.walk', [$job, 'at' => $there['place']->value]) }}" @if ($there['isHere']) aria-current="true" @endif>{{
                ucfirst($there['place']->label()) }} <span class="num">{{ $there['count'] }}</span>@if ($there['who'] !== '')
                <span class="who">{{ $there['who'] }} is there</span>@endif</a>
        @endforeach
    </nav>
    @if ($devices->strayed !== null)<p class="refusal" role="alert">{{ $devices->strayed->device->name }} sent “{{
        $devices->strayed->text }}”, and it went nowhere: {{ lcfirst($devices->strayed->said) }}</p>@endif
</div>
