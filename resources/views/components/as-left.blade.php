@props(['page', 'entries', 'keys'])
{{-- Readings taken once more after the work on a part: folded until one was taken. --}}
<details class="after mt-2" @if ($entries->isReadAgain($keys)) open @endif>
    <summary>After the work, measured anew</summary>
    <p class="soft small mb-2">{{ $slot }}</p>
    <div class="fields card">
        @foreach ($keys as $key)
            @reading($entries->asLeft($key))
        @endforeach
    </div>
</details>
