<x-layout title="Bay">
    <x-slot:what><strong>Bay</strong></x-slot:what>
    <main class="mx-auto max-w-6xl p-4" id="bench">
        <h1 class="sr-only">Bay</h1>
        @if (session('notice'))<p class="notice" role="status">{{ session('notice') }}</p>@endif
        <div class="flex flex-wrap items-end gap-3">
            <form method="get" action="{{ route('bay') }}" class="grow" role="search">
                <label for="search" class="font-semibold">Find a vehicle by plate, name or number, or a job by its complaint</label>
                <input class="plain" id="search" name="q" type="search" value="{{ $search }}" maxlength="100" autocomplete="off"
                    hx-get="{{ route('bay', array_filter(['show' => $filter, 'sort' => $byPromise ? 'promised' : ''])) }}"
                    hx-trigger="input changed delay:200ms, search" hx-target="#bay-list" hx-swap="outerHTML" hx-push-url="true">
                @if ($filter !== '')<input type="hidden" name="show" value="{{ $filter }}">@endif
                @if ($byPromise)<input type="hidden" name="sort" value="promised">@endif
            </form>
            <a class="btn main" href="{{ route('job.create') }}">New job</a>
            <a class="btn" href="{{ route('import') }}">Take in a file</a>
        </div>
        @include('bay.list')
    </main>
</x-layout>
