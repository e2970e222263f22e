@isset($said)<p class="soft small mb-2">{{ $said }}</p>@endisset
<div class="fields card">
    @foreach ($keys as $key)
        @reading($key, how: $how ?? true)
    @endforeach
</div>
