<section class="card"><h2 class="!mt-0">The way there</h2>
    <p class="small soft">How likely it was, by all that was known, that the job comes to what it really comes to.</p>
    @php($debriefOfWay = $debrief->way ?? $debrief)
    @php($mine = $debriefOfWay->own)
    @includeWhen($debriefOfWay->tookMinutes(), 'drawings.course')
    <table class="jobs-table dense"><caption class="sr-only">Three ways</caption>
        <thead><tr><th scope="col">Way</th><th scope="col">Minutes</th><th scope="col">Tests</th><th scope="col">Came to</th><th
            scope="col">Gearbox</th></tr></thead>
        <tbody>@foreach (['You' => $mine, 'As proposed' => $debriefOfWay->proposed, 'By habit' => $debriefOfWay->habit] as $name => $way)
            <tr><td>{{ $name }}</td><td class="num" data-of="Minutes">{{ $way->minutes }}</td><td class="num" data-of="Tests">{{
                count($way->tests()) }}</td><td>@if ($way->outcome === null)–@else{{ $way->outcome->label() }}, {{ $way->isRight()
                ? 'right' : 'not right' }}@endif</td><td data-of="Gearbox">{{ $way->gearbox() }}</td></tr>
        @endforeach</tbody></table>
    @if ($mine->lookedUp() > 0)<p class="small">You looked the causes up {{ $mine->lookedUp() === 1 ? 'once'
        : $mine->lookedUp().' times' }}.</p>@endif
    @if ($debriefOfWay->passedOver() !== [])<p><strong>Passed over</strong>, though it was there and speaks strongly for it: {{
        implode('; ', array_map($saidOf, $debriefOfWay->passedOver())) }}.</p>@endif
    @if ($debriefOfWay->believedTooMuch() !== [])<p><strong>Believed too much</strong>, since it led elsewhere: {{
        implode('; ', array_map($saidOf, $debriefOfWay->believedTooMuch())) }}.</p>@endif</section>
