@if ($bench->isAltered())
    <p class="refusal" role="alert"><strong>This is not what was signed.</strong> The stored file no longer matches the hash noted when it
        was signed. Do not rely on it; restore it from a backup or from a downloaded copy.</p>
@endif
@if ($bench->job->taken_in_at !== null && $bench->statesElsewhere())
    <p class="notice">From a file taken in by {{ $bench->job->opened_by }} on {{ App\Bench\ReaderLocale::date($bench->job->taken_in_at) }}.
        Names marked “as the file states” are the file’s word, not this workshop’s.</p>
@endif
