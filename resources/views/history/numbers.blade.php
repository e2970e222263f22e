<table class="jobs-table dense">
    <thead><tr><th scope="col">Of</th><th scope="col" class="right">Jobs</th>@if ($unit !== '')<th scope="col"
        class="right">Half of them</th><th scope="col" class="right">Middle</th>@endif<th scope="col">Open</th></tr></thead>
    <tbody>
        @foreach ($rows as $row)
            <tr><td>{{ $unit === '' ? $history->limit($row['what']) : $row['what']
                }}@if ($row['isFew']) <span class="small soft">few: says little</span>@endif</td>
                <td class="num right" data-of="Jobs">{{ $row['count'] }}</td>
                @if ($unit !== '')
                    <td class="num right" data-of="Half of them">{{ $history->number($row['lower'], $digits) }} to {{
                        $history->number($row['upper'], $digits) }}</td>
                    <td class="num right" data-of="Middle">{{ $history->number($row['median'], $digits)
                        }} {{ $unit }}</td>
                @endif
                <td><details><summary class="small">jobs</summary>@foreach ($row['jobs'] as $job)<a
                    class="underline small" href="{{ $history->addressOf($job) }}">{{
                    $history->job($job) }}</a> @endforeach{{ $row['count'] > count($row['jobs'])
                    ? 'and earlier ones' : '' }}</details></td></tr>
        @endforeach
    </tbody>
</table>
