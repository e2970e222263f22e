<x-layout title="Guide">
    <x-slot:what><strong>Guide</strong></x-slot:what>
    <main class="mx-auto blocks max-w-4xl p-4 guide" id="work">
        @foreach ($parts as $name => $said)
            <section id="guide-{{ $name }}">{{ $said }}
                @includeWhen(isset($readings[$name]), 'guide.readings', ['readings' => $readings[$name] ?? []])</section>
        @endforeach
    </main>
</x-layout>
