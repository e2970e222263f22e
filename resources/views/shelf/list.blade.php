<x-book at="shelf" :title="'List: '.$list->file_name">
    <p class="soft">{{ $list->supplier->name }} · {{ $reading->form()->inWords() }} · brought by {{ $list->by_name }},
        @moment($list->created_at)</p>
    @if ($list->state === $list::MAPPING)
        @php([$map, $first] = [$reading->proposed(), $reading->firstCells()])
        <form method="post" action="{{ route('lists.map', $list) }}" class="card">
            @csrf
            <h2>What its columns hold</h2>
            <p class="small soft">Proposed by their names. What stays empty is kept beside the kit and decides nothing. Remembered for
                {{ $list->supplier->name }}.</p>
            <table class="jobs-table dense list-map"><thead><tr><th scope="col">Column</th><th scope="col">Such as</th><th
                scope="col">Holds</th><th
                scope="col">In</th></tr></thead>
                <tbody>
                    @foreach ($reading->form()->columns as $i => $column)
                        @php([$field, $unit] = [old("columns.{$i}.field", $map->columns[$column]['field'] ?? ''),
                            old("columns.{$i}.unit", $map->columns[$column]['unit'] ?? '')])
                        <tr><td>{{ $column }}<input type="hidden" name="columns[{{ $i }}][name]" value="{{ $column }}"></td>
                            <td class="soft small">{{ $first[$i] ?? 'always empty' }}</td>
                            <td><select class="plain" name="columns[{{ $i }}][field]" aria-label="What {{ $column }} holds"><option
                                value="">– kept beside</option>@foreach ($columns as $name => $held)<option value="{{ $name }}"
                                @selected($field === $name)>{{ $held->label }}</option>@endforeach</select></td>
                            <td><input class="plain short" name="columns[{{ $i }}][unit]" value="{{ $unit }}" maxlength="20"
                                aria-label="Unit of {{ $column }}"></td></tr>
                    @endforeach
                </tbody></table>
            <label>Currency of its prices, where the list does not say <input class="plain short" name="currency" maxlength="3"
                value="{{ old('currency', $map->currency) }}"></label>
            <p class="mt-2"><button class="btn main">Read it so</button></p>
        </form>
    @endif
    @include('shelf.progress')
</x-book>
