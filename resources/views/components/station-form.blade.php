@props(['bench', 'station'])
{{-- What every field of the form sends in the same way is said once, here. --}}
<form method="post" action="{{ route('station.store', [$bench->job, $station->value, ...request()->only('part')]) }}" hx-swap="outerHTML"
    hx-include="closest .reading" hx-sync="#bench:queue all" {{ $attributes }}>
    @csrf
    {{-- The button that Enter presses where no script moves on to the next field. --}}
    <button class="sr-only no-js-only" tabindex="-1" aria-hidden="true" @disabled($bench->job->isSigned())>Save this station</button>
    {{ $slot }}
    <p class="no-js-only mt-4"><button class="btn main" @disabled($bench->job->isSigned())>Save this station</button></p>
</form>
