<div class="fields card">
    @foreach ($keys as $key)
        @reading($key, live: true)
    @endforeach
</div>
