@if ($page->wasSet() !== [])
    <h3 class="mt-3">As found, and as it was set</h3>
    <ul class="plain-list">@foreach ($page->wasSet() as $line)<li>{{ $line }}</li>@endforeach</ul>
@endif
