{{-- What became of what was just sent: done, or why not. What a form on the page says itself is left to it. --}}
@props(['except' => []])
@if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
@foreach (array_diff_key($errors->messages(), array_flip($except)) as $said)
    @foreach ($said as $error)<p class="refusal" role="alert">{{ $error }}</p>@endforeach
@endforeach
