@foreach ($keys as $key)
    @reading($key)
@endforeach
