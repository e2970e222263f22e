<div id="list-progress" @if ($list->state === $list::READING && $trouble === '') hx-post="{{ route('lists.read', $list) }}"
    hx-trigger="load delay:50ms" hx-swap="outerHTML" @endif>
    @if ($trouble !== '')<p class="refusal" role="alert">{{ $trouble }}</p>@endif
    @if ($list->state !== $list::MAPPING)
        <div class="card">
            @php($share = $list->percentRead())
            <h2 role="status">{{ match ($list->state) {
                'reading' => "Being read: {$share} %", 'read' => 'Read. This is what would happen', 'taken' => 'Taken', default =>
                    'Dropped' } }}</h2>
            @if ($list->state === 'reading')
                <progress max="100" value="{{ $share }}">{{ $share }} %</progress>
                <form method="post" action="{{ route('lists.read', $list) }}" class="no-js-only">@csrf<button class="btn">Read
                    on</button></form>
            @endif
            <dl class="list-counts">
                @php($counts = ['rows_new' => 'new', 'rows_changed' => 'changed', 'rows_same' => 'as they are',
                    'rows_bad' => 'cannot be read'])
                @foreach ($counts as $count => $word)
                    <div><dt class="small soft">{{ $word }}</dt><dd class="num">{{ $display->number($list->{$count}, 0) }}</dd></div>
                @endforeach
            </dl>
            @if ($list->state === 'read')
                <div class="flex flex-wrap gap-3">
                    @if ($list->rowsToTake() === 0)<p>Nothing in it would change the shelf.</p>
                    @elseif ($list->rows_bad === 0)
                        <x-form :action="route('lists.take', $list)"><button class="btn main" data-busy="Taking…">Take it to the
                            shelf</button></x-form>
                    @else
                        <x-form :action="route('lists.take', $list)"><input type="hidden" name="good_rows" value="1"><button
                            class="btn main"
                            data-busy="Taking…">Take the good rows, leave {{ $list->rows_bad }} out</button></x-form>
                    @endif
                    <x-form :action="route('lists.drop', $list)"><button class="btn">Drop it</button></x-form>
                </div>
            @endif
        </div>
        @if ($coming !== [])
            <details class="card"><summary>What would come and change, kit by kit{{ $list->rowsToTake() > count($coming)
                ? ': the first '.count($coming) : '' }}</summary>
                <table class="jobs-table dense"><thead><tr><th scope="col">Line</th><th scope="col">Number</th><th scope="col">Kit</th>
                    <th scope="col">What</th></tr></thead>
                    <tbody>@foreach ($coming as $row)
                        <tr><td class="num">{{ $row['line'] }}</td><td class="num">{{ $row['number'] }}</td><td>{{ $row['name'] }}</td>
                            <td class="wrap">{{ $row['outcome'] === 'new' ? 'new' : $row['said'] }}</td></tr>
                    @endforeach</tbody></table>
            </details>
        @endif
        @if ($wrong->isNotEmpty() && $list->state !== 'reading')
            <div class="card"><h2>What cannot be read</h2>
                <table class="jobs-table dense"><thead><tr><th scope="col">Line</th><th scope="col">Column</th><th scope="col">Read</th>
                    <th scope="col">Expected</th></tr></thead>
                    <tbody>@foreach ($wrong as $error)<tr><td class="num">{{ $error->line }}</td><td>{{ $error->column ?: 'the row' }}</td>
                        <td>{{ $error->read === '' ? 'nothing' : '“'.$error->read.'”' }}</td><td class="wrap">{{ $error->expected
                            }}</td></tr>
                    @endforeach</tbody></table>
            </div>
        @endif
    @endif
</div>
