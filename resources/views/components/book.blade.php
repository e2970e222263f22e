@props(['at', 'title'])
<x-layout :title="$title">
    <x-slot:what><strong>{{ $title }}</strong></x-slot:what>
    <main class="mx-auto grid max-w-6xl gap-4 p-4" id="work">
        <x-books :at="$at" />
        <h1 class="text-2xl font-bold">{{ $title }}</h1>
        @if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
        @foreach ($errors->all() as $error)<p class="refusal" role="alert">{{ $error }}</p>@endforeach
        {{ $slot }}
    </main>
</x-layout>
