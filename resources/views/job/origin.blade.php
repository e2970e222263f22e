@if ($page->isAltered())
    <p class="refusal" role="alert"><strong>This is not what was signed.</strong> The stored file no longer matches the hash noted when it
        was signed. Do not rely on it; restore it from a backup or from a downloaded copy.</p>
@endif
@if ($page->job->taken_in_at !== null && $page->statesElsewhere())
    <p class="notice">From a file taken in by {{ $page->job->opened_by }} on {{ App\Page\ReaderLocale::date($page->job->taken_in_at) }}.
        Names marked “as the file states” are the file’s word, not this workshop’s.</p>
@endif
