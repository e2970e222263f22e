<x-layout title="Bay">
    <x-slot:what>
        <strong>Bay</strong>
        <form method="get" action="{{ route('bay') }}" class="grow" role="search">
            <label for="search" class="sr-only">Find a vehicle by plate, name or number, or a job by its complaint</label>
            <input class="plain" id="search" name="q" type="search" value="{{ $search }}" maxlength="100" autocomplete="off"
                placeholder="Plate, name, number, complaint"
                hx-get="{{ route('bay', array_filter(['show' => $filter, 'sort' => $byPromise ? 'promised' : ''])) }}"
                hx-trigger="input changed delay:200ms, search" hx-target="#bay-list" hx-swap="outerHTML" hx-push-url="true">
            @if ($filter !== '')<input type="hidden" name="show" value="{{ $filter }}">@endif
            @if ($byPromise)<input type="hidden" name="sort" value="promised">@endif
        </form>
    </x-slot:what>
    <main class="blocks px-4 pb-4" id="work">
        <h1 class="sr-only">Bay</h1>
        @if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
        @foreach ($unusable as $said)<p class="refusal" role="status">{{ $said }} <a
            class="underline" href="{{ route('rules') }}">Rules</a></p>@endforeach
        @includeWhen($setUp !== [] && ($morning ?? null) !== null, 'bay.set-up', ['steps' => $setUp])
        @includeWhen(($morning ?? null) !== null, 'bay.morning')
        @include('bay.list')
    </main>
</x-layout>
