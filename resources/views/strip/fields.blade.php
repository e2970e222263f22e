@php($keys = $part->readings($page->sheet->dictionary))
@if ($keys !== [])
    <div class="fields card">
        @foreach ($keys as $key)
            <x-reading :entries="$entries" :key="$key" />
        @endforeach
    </div>
@endif
