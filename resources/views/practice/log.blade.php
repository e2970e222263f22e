<table class="jobs-table dense">
    <caption class="sr-only">Practice vehicles, the last first</caption>
    <thead><tr><th scope="col">Vehicle</th><th scope="col">Begun</th><th scope="col">How it went</th><th scope="col">Tests, min</th><th
        scope="col">All, min</th></tr></thead>
    <tbody>@foreach ($rows as $row)
        <tr><td>@if ($leads)<a href="{{ $row->to }}">{{ $row->code }}</a>@else{{ $row->code }}, {{ $row->who }}@endif
            @if ($row->level !== '')<span
            class="small soft">{{ $row->level }}</span>@endif</td>
            <td data-of="Begun">@moment($row->began)</td>
            <td class="wrap" data-of="How it went">@if ($row->isOver()){{ ucfirst($row->said()) }}: {{ $row->figure('fault') }}@else<span
                class="soft">still at it</span>@endif</td>
            <td class="num" data-of="Tests, min">@if ($row->isOver()){{ $row->figure('tests') }} <span class="small soft">proposed {{
                $row->figure('proposed') }}</span>@else–@endif</td>
            <td class="num" data-of="All, min">{{ $row->isOver() ? $row->figure('minutes') : '–' }}</td></tr>
    @endforeach</tbody>
</table>
