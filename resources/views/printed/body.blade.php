@php($job = $page->job)
@php($values = $page->values())
@include('printed.head')
<h1>Clutch service record {{ $job->label() }}</h1>
<p><strong>{{ $job->isSigned() ? 'Signed'
    : 'Not signed: working copy' }}</strong>@if ($job->isSigned()), {{ $job->signedSheet->author() }},
        @moment($job->signedSheet->at)@endif</p>
@include('job.origin')
<h2>Vehicle</h2>
<div class="two">
    <div>{{ $job->vehicle->name }} <span class="plate">{{ $job->vehicle->plate }}</span></div>
    <div>Number: {{ $job->vehicle->number ?: 'not entered' }}</div>
    @if ($page->keeper() !== [])<div>Keeper: {{ implode(', ', $page->keeper()) }}</div>@endif
    <div>Clutch: {{ $page->sheet->actuation()?->label()
        ?? 'actuation not entered' }}, {{ lcfirst($page->sheet->flywheel()?->label() ?? 'flywheel not entered') }} flywheel</div>
    @php($since = $page->sheet->distanceSinceFitted() ?? $page->sheet->timeSinceFitted())
    <div>Since fitted: {{ $since === null ? 'not known' : $page->display->quantity($since, 1.0) }}</div>
</div>
@if ($values->word('complaint'))<p><strong>Complaint:</strong> {{ $values->word('complaint') }}</p>@endif
@php($diagnosis = $page->assessment->triage())
@if ($diagnosis !== null)
    @php($speaks = $sheet->speaksFor($diagnosis))
    <p><strong>Triage:</strong> {{ $diagnosis->outcome()->label() }}. @if ($speaks === [])Nothing that was found speaks for one
        cause.@else Likeliest: {{ lcfirst($diagnosis->likeliest()->label) }}, from {{ implode(', ', $speaks) }}.@endif</p>
@endif
@php([$shown, $concluded] = [$sheet->shown(), $sheet->concluded()])
@if ($shown !== [] || $concluded !== [] || $values->word('why.words'))
    <p><strong>Why the old clutch failed:</strong> @if ($concluded
        !== []){{ ucfirst(implode(', ', $concluded)) }}. @endif{{ $values->word('why.words') }}@if ($shown
        !== []) The parts showed: {{ implode(', ', $shown) }}.@endif</p>
@endif
<h2>What was found</h2>
<table class="found">
    <thead><tr><th scope="col">Verdict</th><th scope="col">Finding</th><th scope="col">Limit and where it comes from</th></tr></thead>
    <tbody>
        @foreach ($sheet->findings() as $line)
            <tr><td><strong>{{ $line->verdict->label() }}</strong></td>
                <td>{{ $line->said }}@if ($line->waiver !== '') <em>{{ $line->waiver }}</em>@endif</td>
                <td>{{ $line->limit }}</td></tr>
        @endforeach
    </tbody>
</table>
@if ($page->assessment->found !== [])
    <h2>As found, before the work</h2>
    <table>
        <tbody>
            @foreach ($page->assessment->found as $finding)
                <tr><td><strong>{{ $finding->verdict->label() }}</strong></td><td>{{ $finding->say($page->display) }}</td>
                    <td>{{ $finding->limit?->wording($page->display) ?? '–' }}</td></tr>
            @endforeach
        </tbody>
    </table>
@endif
@if ($page->hasKitChosen())
    <h2>Fitted</h2>
    @php($contents = rtrim($values->word('kit.contents') ?? '', '.'))
    <p>{{ $values->word('kit.name') ?? 'Kit' }}@if ($values->has('kit.number')) ({{ $values->word('kit.number') }})@endif.
        @if ($contents !== '') {{ $contents }}.@endif
        @if ($sheet->runningIn() !== '') Running in:
            {{ $sheet->runningIn() }}.@endif</p>
@endif
@php($work = $sheet->work())
@if ($work !== [])
    <h2>How it was done</h2>
    @foreach ($work as $line)<p>{{ $line }}</p>@endforeach
@endif
@if ($job->notes->isNotEmpty())
    <h2>Notes</h2>
    @foreach ($job->notes as $note)<p>{{ ucfirst($note->station) }}: {{ $note->text }} ({{ $note->author() }},
        @date($note->at))</p>@endforeach
@endif
@php($measured = $sheet->measured())
<h2>Measured</h2>
@foreach ($measured->taken as $by => $readings)
    <p><strong>By {{ $by }}</strong></p>
    <div class="readings">
        @foreach ($readings as [$name, $taken, $with])
            <p>{{ $name }} <span class="num">{{ $taken }}</span> <small>{{ $with }}</small></p>
        @endforeach
    </div>
@endforeach
@if ($measured->dial !== [])<p>Dial around the face: <span class="num">{{ implode(' · ', $measured->dial) }}</span></p>@endif
<p class="mt-2"><small>Follow the vehicle maker’s procedure, local rules and licensed practice; figures here support a trained technician’s
    judgement.</small></p>
@if ($job->isSigned())
    <p class="hash">Frozen file, SHA-256 {{ $job->signedSheet->sha256 }}</p>
@endif
@php($additions = $page->additions)
@if ($additions->isNotEmpty())
    <h2>Added after sign-off, not part of what was signed</h2>
    @foreach ($additions as $note)
        <p>{{ ucfirst($note->station) }}: {{ $note->text }} ({{ $note->author() }}, @moment($note->at))</p>
    @endforeach
@endif
<div class="sign"><div>Technician</div><div>Customer</div></div>
