@if ($history->jobs->isNotEmpty())
    <section class="card" aria-labelledby="history-title">
        <h2 class="!mt-0" id="history-title">Its clutches</h2>
        @foreach ($history->repeats as $said)<p class="v-near flex gap-2">@mark('near')<span>{{ $said }}</span></p>
        @endforeach
        @if ($history->forecast !== null)
            <p><strong>Next clutch</strong> between @date($history->forecast->earliest) and @if ($history->forecast->latest === null){{
                'a day too far off to say' }}@else @date($history->forecast->latest)@endif, after {{
                $history->distance($history->forecast->least, $display) }} to {{ $history->distance($history->forecast->most, $display)
                }} from the last fitting.
                <span class="small soft">Four in five lie within; from {{ $history->forecast->lives === 1
                    ? 'one life only, which is a wide guess' : $history->forecast->lives.' lives' }} of its own.</span></p>
        @else
            <p class="small soft">No forecast: it takes a measured wear with its distance, and the meter at two jobs.</p>
        @endif
        @if ($chart->isWorthDrawing())
            <svg viewBox="-8 -22 {{ $chart::WIDTH + 60 }} {{ $chart::HEIGHT + 48 }}" class="life-chart" role="img"
                aria-label="Lining lost by each clutch over its distance{{ $chart->next === null ? ''
                    : '; the next is used up after '.$chart->next['text'] }}">
                <path class="ln" d="M0 0V{{ $chart::HEIGHT }}H{{ $chart::WIDTH }}"/>
                <text class="svg-t svg-soft" x="4" y="-8">lining lost, down</text>
                @foreach ($chart->lines as $line)
                    @if ($line['y'] > 0)<path class="limit-line" d="M{{ $line['x1'] }} {{ $line['y'] }}H{{ $line['x2'] }}"/>@endif
                    <path class="life-line" d="M{{ $line['x1'] }} 0L{{ $line['x2'] }} {{ $line['y2'] }}"/>
                    <path class="ghost" d="M{{ $line['x2'] }} 0V{{ $chart::HEIGHT }}"/>
                    @if ($line['x2'] - $line['x1'] > 70)
                        <text class="svg-t" x="{{ $line['x2'] - 4 }}" y="{{ $chart::HEIGHT + 16 }}" text-anchor="end">{{
                            $line['text'] }}</text>
                    @endif
                    <text class="svg-t" x="{{ $line['x1'] + 4 }}" y="{{ $line['saidAt'] }}">{{
                        $line['worn'] }}</text>
                @endforeach
                @if ($chart->next !== null)
                    <path class="f-band" d="M{{ $chart->next['from'] }} 0L{{ $chart->next['least'] }} {{ $chart->next['down'] }}H{{
                        $chart->next['most'] }}Z"/>
                    <path class="limit-line" d="M{{ $chart->next['from'] }} {{ $chart->next['down'] }}H{{ $chart->next['most'] }}"/>
                    <text class="svg-t svg-soft" x="{{ $chart->next['most'] }}" y="-8"
                        text-anchor="end">next used up after {{ $chart->next['text'] }}</text>
                @endif
            </svg>
        @endif
        @if ($years !== [])
            <h3>Over the years, with the limit of the last time</h3>
            <div class="over-years">
                @foreach ($years as $chart)
                    <figure><figcaption class="small">{{ $chart->label }}</figcaption>
                        <svg viewBox="-6 -16 {{ $chart::WIDTH + 110 }} {{ $chart::HEIGHT + 34 }}" role="img" aria-label="{{ $chart->label
                            }}: {{ implode(', ', array_column($chart->points, 'text')) }}">
                            @foreach ($chart->limits as $y)<path class="limit-line" d="M0 {{ $y }}H{{ $chart::WIDTH }}"/>@endforeach
                            <path class="life-line" d="M{{ implode('L', array_map(fn ($p) => $p['x'].' '.$p['y'], $chart->points)) }}"/>
                            @foreach ($chart->points as $p)<circle class="f-brass" cx="{{ $p['x'] }}" cy="{{ $p['y'] }}" r="4"/>@endforeach
                            <text class="svg-n" x="{{ $chart::WIDTH + 8 }}" y="{{ $chart->points[count($chart->points) - 1]['y'] + 5
                                }}">{{ $chart->points[count($chart->points) - 1]['text'] }}</text>
                        </svg></figure>
                @endforeach
            </div>
        @endif
        <table class="jobs-table dense">
            <caption class="sr-only">Jobs of this vehicle that were signed</caption>
            <thead><tr><th scope="col">Signed</th><th scope="col">Meter</th><th scope="col">Old clutch</th><th scope="col">Why</th><th
                scope="col">Fitted</th><th scope="col">Job</th></tr></thead>
            <tbody>
                @foreach ($history->jobs->reverse() as $facts)
                    <tr><td>@date($facts->signed_at)</td>
                        <td class="num">{{ $facts->meter === null ? '–' : $history->distance($facts->meter, $display) }}</td>
                        <td class="num">{{ $facts->since === null ? '–' : $history->distance($facts->since, $display) }}{{
                            $history->worn($facts) }}</td>
                        <td>{{ ucfirst(implode(', ', $history::causes($facts))) ?: '–' }}</td>
                        <td>{{ $facts->kit === '' ? 'nothing' : $facts->kit }}</td>
                        <td><a class="underline" href="{{ route('job', $facts->clutch_job_id) }}">{{ $facts->job->label() }}</a></td></tr>
                @endforeach
            </tbody>
        </table>
    </section>
@endif
