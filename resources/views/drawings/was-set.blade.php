@if ($page->wasSet() !== [])
    <h2>As found, and as it was set</h2>
    <ul class="plain-list">@foreach ($page->wasSet() as $line)<li>{{ $line }}</li>@endforeach</ul>
@endif
