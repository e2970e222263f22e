<h2 class="text-xl font-bold">Changes</h2>
@forelse ($changes as $change)
    <p>{{ $say($change) }}: <span class="num">{{ $change->value === '' ? $emptied : $change->value }}</span> <span
        class="small soft">{{ $change->by_name }}, {{ App\Jobs\ReaderLocale::dateTime($change->at) }}</span></p>
@empty
    <p class="soft">None yet.</p>
@endforelse
