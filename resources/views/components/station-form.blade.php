@props(['bench', 'station'])
<form method="post" action="{{ route('station.store', [$bench->job, $station->value]) }}" {{ $attributes }}>
    @csrf
    {{ $slot }}
    <p class="no-js-only mt-4"><button class="btn main" @disabled($bench->job->isSigned())>Save this station</button></p>
</form>
