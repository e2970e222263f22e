{{-- A form that is posted, with what was refused in it said inside it. --}}
@props(['action', 'refused' => []])
<form method="post" action="{{ $action }}" {{ $attributes }}>
    @csrf
    @foreach ($refused as $name)
        @foreach ($errors->get($name) as $error)<p class="refusal" role="alert">{{ $error }}</p>@endforeach
    @endforeach
    {{ $slot }}
</form>
