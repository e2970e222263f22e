<x-accounts at="audit" title="What happened">
    <x-told />
    <p class="flex items-center gap-2">@mark($isOld ? 'out' : 'within')
        <span>@if ($backup === null)No backup has been made yet.@else The newest backup is of @moment($backup){{ $isOld
            ? '; it is more than two days old.' : '.' }}@endif</span></p>
    <form method="get" action="{{ route('audit') }}"
        class="card grid items-end gap-2 sm:grid-cols-3 lg:grid-cols-[repeat(5,minmax(0,1fr))_auto]">
        <label class="small">About <select class="plain" name="topic"><option value="">everything</option>
            @foreach ($topics as $topic)<option value="{{ $topic->value }}" @selected(($sieve['topic'] ?? '')
                === $topic->value)>{{ $topic->label() }}</option>@endforeach</select></label>
        <label class="small">By <select class="plain" name="who"><option value="">anybody</option>
            @foreach ($people as $name)<option @selected(($sieve['who'] ?? '') === $name)>{{ $name }}</option>@endforeach</select></label>
        <label class="small">From <input class="plain" type="date" name="since" value="{{ $sieve['since'] ?? '' }}"></label>
        <label class="small">To <input class="plain" type="date" name="until" value="{{ $sieve['until'] ?? '' }}"></label>
        <label class="small">With the words <input class="plain" name="words" maxlength="100" value="{{ $sieve['words'] ?? '' }}"></label>
        <button class="btn">Show</button>
    </form>
    <table class="jobs-table dense">
        <thead><tr><th scope="col">When</th><th scope="col">Who</th><th scope="col">What</th><th scope="col">About</th>
            <th scope="col">From</th></tr></thead>
        <tbody>
            @forelse ($entries as $entry)
                <tr><td class="whitespace-nowrap">@moment($entry->created_at)</td>
                    <td>{{ $entry->who() === '' ? '–' : $entry->who() }}</td><td class="wrap">{{ $entry->description }}</td>
                    <td class="small">{{ $entry->topic()?->label() }}</td><td class="num small">{{ $entry->from() }}</td></tr>
            @empty
                <tr><td colspan="5" class="soft">Nothing of that kind is written down.</td></tr>
            @endforelse
        </tbody>
    </table>
    <nav class="flex gap-2" aria-label="More">
        @if ($entries->previousCursor())<a class="btn" href="{{ $entries->previousPageUrl() }}">Later</a>@endif
        @if ($entries->nextCursor())<a class="btn" href="{{ $entries->nextPageUrl() }}">Earlier</a>@endif
    </nav>
</x-accounts>
