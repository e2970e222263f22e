@props(['at', 'title'])
<x-layout :title="$title">
    <x-slot:what><strong>{{ $title }}</strong></x-slot:what>
    <main class="mx-auto blocks max-w-6xl p-4" id="work">
        <x-books :at="$at" />
        <h1 class="text-2xl font-bold">{{ $title }}</h1>
        <x-told />
        {{ $slot }}
    </main>
</x-layout>
