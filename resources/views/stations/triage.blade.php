<x-station-form :page="$page" :station="$station">
    <div class="card">@piece('draw-triage', 'div', ['class' => 'draw']) @include('drawings.triage') @endpiece</div>
    @include('job.asked')
    <div class="fields card mt-3">
        @foreach (['triage.kind', 'triage.repaired', 'triage.referred'] as $key)
            @reading($key, live: true)
        @endforeach
    </div>
    <h2>Signs</h2>
    @include('job.signs')
    <details class="signs" id="fold-absent" data-part data-holds="triage.absent" @if ($at->showsAbsent) open @else
        data-load="{{ $entries->links->fold($station, 'absent') }}" @endif>
        <summary hx-include="this">Asked for, and not there @include('triage.absent-noted')</summary>
        <div class="part-body">@if ($at->showsAbsent) @include('triage.absent') @else
            @include('job.folded', ['address' => $entries->links->fold($station, 'absent')]) @endif</div>
    </details>
    <h2>Tests from outside</h2>
    <p class="small soft mb-2">The most telling for their minutes first, as it stood when the page was opened.</p>
    <div class="tests">
        @foreach ($at->tests() as $key => $test)
            <div class="card test" id="test-{{ $test->id }}">
                @reading($key)
                <p class="small soft">{{ $test->minutes }} min · {{ $test->needsHelper ? 'with a helper'
                    : 'alone' }} · engine {{ $test->engineRuns ? 'on' : 'off' }}</p>
                @if ($test->caution !== '')<p class="small"><strong>Caution:</strong> {{ $test->caution }}</p>@endif
            </div>
        @endforeach
    </div>
</x-station-form>
