@props(['page', 'station'])
{{-- What every field of the form sends in the same way is said once, here. --}}
<form class="station-form" method="post"
    action="{{ route('station.store', [$page->job, $station->value, ...request()->only('part', 'fold')]) }}"
    hx-swap="outerHTML" hx-include="closest .reading" hx-sync="#work:queue all" {{ $attributes }}>
    @csrf
    {{-- The button that Enter presses where no script moves on to the next field. --}}
    <button class="sr-only no-js-only" tabindex="-1" aria-hidden="true" @disabled($page->job->isSigned())>Save this station</button>
    {{ $slot }}
    <p class="no-js-only mt-4"><button class="btn main" @disabled($page->job->isSigned())>Save this station</button></p>
</form>
