@php($keys = $part->readings($page->sheet->dictionary))
@if ($keys !== [])
    <div class="fields card">
        @foreach ($keys as $key)
            @reading($key)
        @endforeach
    </div>
@endif
