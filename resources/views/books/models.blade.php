<x-book at="models" title="Makers’ figures by model">
    <p class="soft">What was entered as the maker’s figure on one job stands on the next job of the same make and model, and says so. A
        changed figure counts from then on; jobs that have theirs keep it. What a technician enters is marked as not checked until the lead
        has held it against the maker’s own paper.</p>
    <form method="get" action="{{ route('models') }}" class="card mark-row">
        <label class="font-semibold">Make and model <select class="plain" name="model">
            <option value="">choose</option>
            @foreach ($book->models as $written)<option value="{{ $written }}" @selected($written === $book->chosen)>{{ $written
                }}</option>@endforeach
        </select></label>
        <button class="btn">Show</button>
    </form>
    @if ($book->chosen !== '')
        <div class="card">
            <h2 class="text-xl font-bold">{{ $book->chosen }}</h2>
            @if ($book->figures === [])
                <p class="soft">No figure of the maker’s is known for it yet. Enter one here, or on a job where the tell-tale asks for
                    it.</p>
            @else
                <table class="jobs-table">
                    <thead><tr><th scope="col">Figure</th><th scope="col">The maker’s</th><th scope="col">Entered</th>
                        <th scope="col">Against the maker’s paper</th>
                        <th scope="col"><span class="sr-only">Take out</span></th></tr></thead>
                    <tbody>
                        @foreach ($book->figures as $line)
                            @php($figure = $line->figure)
                            <tr><td>{{ $line->label }}</td><td class="num font-semibold">{{ $figure->value }}</td>
                                <td class="small soft">{{ $figure->by_name }}, @moment($figure->at)</td>
                                <td class="small">@if ($figure->checked_by !== '')checked, {{ $figure->checked_by }}@else<span
                                    class="font-semibold">not checked</span>
                                    @can('set-shop-figures')<x-form :action="route('models.confirm')" class="inline"><input type="hidden"
                                        name="model" value="{{ $book->chosen }}"><input type="hidden"
                                        name="field" value="{{ $line->key }}"><input
                                        type="hidden" name="value" value="{{ $figure->value }}"><button class="btn small">It is so<span
                                        class="sr-only">: {{ $line->label }}</span></button></x-form>@endcan
                                    @endif</td>
                                <td><x-form :action="route('models.store')"><input type="hidden"
                                    name="model" value="{{ $book->chosen }}"><input type="hidden"
                                        name="field" value="{{ $line->key }}"><button
                                    class="link small">Take out<span
                                    class="sr-only"> {{ $line->label }}</span></button></x-form></td></tr>
                        @endforeach
                    </tbody>
                </table>
            @endif
            <x-form :action="route('models.store')" class="mark-row mt-2">
                <input type="hidden" name="model" value="{{ $book->chosen }}">
                <label>Figure <select class="plain" name="field">
                    @foreach ($book->choices() as $key => $label)<option value="{{ $key }}"
                        @selected(old('field') === $key)>{{ $label }}</option>@endforeach
                </select></label>
                <label>The maker’s <span class="small soft">with its unit</span> <input class="plain" name="value" maxlength="80"
                    value="{{ old('value') }}" required></label>
                <button class="btn main">Enter</button>
            </x-form>
        </div>
    @endif
    @include('books.changes', ['emptied' => 'taken out'])
</x-book>
