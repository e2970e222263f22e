<svg class="progress" viewBox="0 0 640 180" role="img" aria-label="Practice jobs in their order: minutes of testing against those proposed">
    @foreach ($progress->marks as [$y, $minutes])
        <line class="ln" x1="50" x2="630" y1="{{ $y }}" y2="{{ $y }}"/>
        <text x="44" y="{{ $y }}" dy="5" text-anchor="end">{{ $minutes }}</text>
    @endforeach
    @foreach ($progress->jobs as $job)
        <g><title>{{ $job['code'] }}: {{ $job['minutes'] }} min of testing, {{ $job['isRight'] ? 'put right' : 'not put right' }}</title>
            <path class="own" d="M{{ $job['x'] }} {{ $progress->bottom }}V{{ $job['own'] }}h{{ $job['width'] }}V{{
                $progress->bottom }}z"/>
            <path class="proposed" transform="translate({{ $job['width'] }} 0)" d="M{{ $job['x'] }} {{ $progress->bottom }}V{{
                $job['proposed'] }}h{{ $job['width'] }}V{{ $progress->bottom }}z"/>
            <text x="{{ $job['x'] }}" y="150">{{ $job['isRight'] ? '✓' : '×' }}</text></g>
    @endforeach
    <text x="50" y="172" class="soft">Minutes of testing, yours beside those proposed; ✓ put right</text>
</svg>
