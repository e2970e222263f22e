@props(['page', 'entries', 'part', 'keys'])
{{-- Readings taken once more after the work on a part: folded until one was taken. --}}
<details class="after mt-3" @if ($page->sheet->asLeft()->concerns($part)) open @endif>
    <summary>After the work, measured anew</summary>
    <p class="soft small mb-2">{{ $slot }}</p>
    <div class="fields card">
        @foreach ($keys as $key)
            @reading($entries->asLeft($key))
        @endforeach
    </div>
</details>
