<div class="spread">
    @foreach ($rows as $row)
        @php($drawn = $plot->rows[$loop->index])
        <p>{{ $row['what'] }}@if ($row['isFew']) <span class="small soft">few: says little</span>@endif</p>
        <svg viewBox="-6 0 {{ $plot::WIDTH + 12 }} {{ $plot::HEIGHT }}" role="group" aria-label="{{ $row['what'] }}: middle {{
            $history->number($row['median'], $digits) }} {{ $unit }}, half of them {{ $history->number($row['lower'], $digits) }} to {{
            $history->number($row['upper'], $digits) }}, {{ $row['count'] }} jobs">
            @foreach ($plot->ticks as $tick)<path class="tick-line" d="M{{ $tick['x'] }} 0V{{ $plot::HEIGHT }}"/>@endforeach
            <rect class="f-band" x="{{ $drawn['from'] }}" y="5" width="{{ $drawn['width'] }}" height="20"/>
            <path class="l-jade" stroke-width="3" d="M{{ $drawn['middle'] }} 3V27"/>
            @foreach ($drawn['dots'] as $dot)
                <a href="{{ $history->addressOf($dot['job']) }}" tabindex="-1"><title>{{ $history->job($dot['job']) }}: {{
                    $history->number($dot['value'], $digits) }} {{ $unit }}</title><circle class="dot" cx="{{ $dot['x'] }}"
                    cy="{{ $dot['y'] }}" r="4"/></a>
            @endforeach
        </svg>
        <p class="num small">{{ $history->number($row['median'], $digits) }} {{ $unit }} <span class="soft">of {{ $row['count']
            }}</span></p>
    @endforeach
    <svg class="scale" viewBox="-6 0 {{ $plot::WIDTH + 12 }} 22" aria-hidden="true">
        @foreach ($plot->ticks as $tick)<text class="svg-n" x="{{ $tick['x'] }}" y="15" text-anchor="{{ $loop->first ? 'start'
            : ($loop->last ? 'end' : 'middle') }}">{{ $history->number($tick['value'], $digits) }}</text>@endforeach
    </svg>
</div>
