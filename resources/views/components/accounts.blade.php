@props(['at', 'title'])
<x-layout :title="$title">
    <x-slot:what><strong>{{ $title }}</strong></x-slot:what>
    <main class="mx-auto blocks max-w-6xl p-4" id="work">
        @can('keep-accounts')
            <nav class="flex flex-wrap gap-2" aria-label="Accounts">
                @foreach (['account' => 'My account', 'people' => 'People', 'audit' => 'What happened'] as $route => $name)
                    <a class="btn" href="{{ route($route) }}" @if ($route === $at) aria-current="page" @endif>{{ $name }}</a>
                @endforeach
            </nav>
        @endcan
        <h1 class="text-2xl font-bold">{{ $title }}</h1>
        {{ $slot }}
    </main>
</x-layout>
