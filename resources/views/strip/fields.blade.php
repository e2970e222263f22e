@php($keys = $part->readings())
@if ($keys !== [])
    <div class="fields card">
        @foreach ($keys as $key)
            <x-reading :bench="$bench" :key="$key" />
        @endforeach
    </div>
@endif
