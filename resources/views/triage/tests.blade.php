<p class="small soft mb-2">The most telling for their minutes first, as it stood when this was opened.</p>
<div class="tests card">
    @foreach ($tests as $key => $test)
        <div class="test">
            @reading($key)
            <p class="small soft">{{ $test->minutes }} min · {{ $test->needsHelper ? 'with a helper'
                : 'alone' }} · engine {{ $test->engineRuns ? 'on' : 'off' }}</p>
            @if ($test->caution !== '')<p class="small"><strong>Caution:</strong> {{ $test->caution }}</p>@endif
        </div>
    @endforeach
</div>
