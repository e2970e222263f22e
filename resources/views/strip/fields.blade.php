@php($keys = $part->readings($page->sheet->dictionary))
@if ($keys !== [])
    <div class="fields card">
        @foreach ($keys as $key)
            <x-reading :page="$page" :key="$key" />
        @endforeach
    </div>
@endif
