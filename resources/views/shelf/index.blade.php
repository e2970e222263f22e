<x-book at="shelf" title="Shelf of kits">
    <details class="card take-in" @if ($isAsked) open @endif>
        <summary><strong>Take a supplier’s list in</strong> <span class="small soft">{{ $lists->isEmpty() ? 'none yet'
            : 'the last: '.$lists[0]->file_name.', '.$lists[0]->stands() }}</span></summary>
        <div class="two-cards pt-2">
            <form method="post" action="{{ route('lists.store') }}" enctype="multipart/form-data" class="grid gap-2">
                @csrf
                <p class="small soft">Any CSV. Separators, decimal signs and encoding are made out by themselves; you say once what its
                    columns hold, and nothing reaches the shelf before you have seen what would change.</p>
                @foreach (['list', 'supplier'] as $name) @foreach ($errors->get($name) as $error)<p class="refusal" role="alert">{{ $error
                    }}</p>@endforeach @endforeach
                <label>Supplier <input class="plain" name="supplier" list="suppliers" value="{{ old('supplier') }}" required
                    maxlength="100"></label>
                <datalist id="suppliers">@foreach ($suppliers as $name)<option value="{{ $name }}">@endforeach</datalist>
                <label>List <input class="plain" type="file" name="list" required></label>
                <button class="btn main" data-busy="Reading…">Look at it</button>
            </form>
            <section>
                <h2 class="font-semibold">Lists of late</h2>
                @forelse ($lists as $list)
                    <p class="small"><a class="underline" href="{{ route('lists.show', $list) }}">{{ $list->file_name }}</a> <span
                        class="soft">{{ $list->supplier->name }}, @moment($list->created_at), {{ $list->by_name }}: {{ $list->stands()
                        }}</span></p>
                @empty
                    <p class="small soft">None yet.</p>
                @endforelse
            </section>
        </div>
    </details>
    <form method="get" action="{{ route('shelf') }}" class="shelf-filter" role="search">
        <label>Look for <input class="plain" name="q" id="search" value="{{ request('q') }}" maxlength="100"></label>
        <label>Lining <select class="plain" name="material"><option value="">any</option>
            @foreach ($filter->materials() as $material)<option value="{{ $material->value }}"
                @selected($filter->material === $material)>{{ $material->label() }}</option>@endforeach</select></label>
        <label>From <select class="plain" name="supplier"><option value="">any supplier</option>@foreach ($suppliers as $id => $name)<option
            value="{{ $id }}" @selected($filter->supplier === $id)>{{ $name }}</option>@endforeach</select></label>
        <button class="btn">Show</button>
        <a class="btn small sm:ml-auto" href="{{ route('shelf.new') }}">Enter a kit by hand</a>
        <a class="btn small" href="{{ route('shelf.export') }}">Whole shelf as an open list</a>
    </form>
    <table class="jobs-table dense" data-rows>
        <thead><tr><th scope="col">Number</th><th scope="col">Kit</th><th scope="col">From</th><th scope="col">Lining</th>
            <th scope="col">Clamp load</th><th scope="col">Splines</th><th scope="col">Price</th><th scope="col">Days</th></tr></thead>
        <tbody>
            @forelse ($kits as $line)
                @php($kit = $line->kit)
                <tr><td class="num small beside">{{ $kit->number }}</td><td class="beside"><a data-row
                    href="{{ route('shelf.kit', $kit->id) }}">{{ $kit->name
                    }}</a></td><td class="small soft beside">{{ $suppliers[$kit->supplier_id] ?? '' }}</td>
                    <td class="num small" data-of="Lining">{{ $line->outer }}</td>
                    <td class="num small" data-of="Clamp load">{{ $line->clampLoad }}</td>
                    <td class="num small" data-of="Splines">{{ $kit->spline_count ?? '–' }}</td>
                    <td class="num small" data-of="Price">{{ $line->price }}</td>
                    <td class="num small" data-of="Days">{{ $kit->lead_days ?? '–' }}</td></tr>
            @empty
                <tr><td colspan="8">{{ $filter->isNone() ? 'The shelf is empty: take a list in, or enter a kit by hand.'
                    : 'No kit on the shelf is like this.' }}</td></tr>
            @endforelse
        </tbody>
    </table>
    @if ($kits->hasPages())
        <nav class="flex gap-3" aria-label="Pages">
            @if ($kits->previousPageUrl())<a class="btn" href="{{ $kits->previousPageUrl() }}">Before</a>@endif
            @if ($kits->nextPageUrl())<a class="btn" href="{{ $kits->nextPageUrl() }}">More</a>@endif
        </nav>
    @endif
</x-book>
