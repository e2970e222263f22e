<h2 class="text-xl font-bold">Changes</h2>
@forelse ($book->changes as $change)
    <p>{{ $change->of }}: <span class="num">{{ $change->to === '' ? $emptied : $change->to }}</span> <span
        class="small soft">{{ $change->row->by_name }}, @moment($change->row->at)</span></p>
@empty
    <p class="soft">None yet.</p>
@endforelse
