@php($lead = auth()->user()->can('set-shop-figures'))
<x-book at="evidence" title="Evidence of triage">
    <p class="soft">How common each cause is, and how strongly each sign or test speaks for it. Directions are common practice without a
        source; every number is from memory, a default for the shop to change. A sign that speaks strongly is there in {{
        $book->inHundred('strong') }} of a hundred such faults, somewhat in {{ $book->inHundred('some') }}, and in {{
        $book->inHundred('none') }} by chance. {{ $lead ? '' : 'Only the lead sets figures for the shop.' }}</p>
    <div class="card">
        <table class="jobs-table">
            <thead><tr><th scope="col">Cause</th><th scope="col">Common</th><th scope="col">Speaks strongly for it</th>
                <th scope="col">Somewhat</th><th scope="col">Against it</th></tr></thead>
            <tbody>
                @foreach ($book->causes as $id => $line)
                    <tr>
                        <td><a href="{{ route('evidence.cause', $id) }}">{{ $line->cause->label }}</a><div
                            class="small soft">{{ $line->cause->outcome->label() }}@if ($line->ownFigures
                            !== 0) · the shop’s own in {{ $line->ownFigures }}@endif</div></td>
                        <td class="num">{{ $line->cause->prior }}</td>
                        <td class="small">{{ $line->strong }}</td><td class="small">{{ $line->some }}</td>
                            <td class="small">{{ $line->against }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @include('books.changes', ['emptied' => 'built in again'])
</x-book>
