@php($keys = $part->readings($bench->sheet->dictionary))
@if ($keys !== [])
    <div class="fields card">
        @foreach ($keys as $key)
            <x-reading :bench="$bench" :key="$key" />
        @endforeach
    </div>
@endif
