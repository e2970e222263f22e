@php($turns = $drawings->turns())
@if ($turns->rows() !== [])
    <table class="jobs-table dense setting">
        <caption class="sr-only">Steps of turning the rod</caption>
        <thead><tr><th scope="col">Step</th><th scope="col">Turned</th><th scope="col" class="right">Free play foretold</th><th scope="col"
            class="right">Measured</th></tr></thead>
        <tbody>
            @foreach ($turns->rows() as $i => $row)
                <tr><td class="num">{{ $i + 1 }}</td><td>{{ $row['turned'] }}</td><td class="num right">{{ $row['foretold'] }}</td><td
                    class="num right">{{ $row['measured'] === '–' ? 'not yet' : $row['measured'] }}@if ($row['strayed']) <span
                    class="v-near">not as foretold</span>@endif</td></tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($turns->next() !== '')<p class="next-step"><b>Next:</b> {{ $turns->next() }}</p>@endif
