@php($lead = auth()->user()->can('set-shop-figures'))
<x-book at="evidence" title="Evidence of triage">
    <p class="soft">How common each cause is, and how strongly each sign or test speaks for it. Directions are common practice without a
        source; every number is from memory, a default for the shop to change. A sign that speaks strongly is there in {{
        $book->inHundred('strong') }} of a hundred such faults, somewhat in {{ $book->inHundred('some') }}, and in {{
        $book->inHundred('none') }} by chance. {{ $lead ? '' : 'Only the lead sets figures for the shop.' }}</p>
    <section class="card"><h2 class="!mt-0">What your own jobs say</h2>
        <p class="small">Each job signed here with one settled cause counts beside the table: how common the fault is in its class, and how
            often each sign and test was seen with it. The table counts for {{ $book->weight() }} cases; what differs from it by no more
            than chance changes nothing. Of jobs taken in from elsewhere nothing is learned.</p>
        <p class="small font-semibold">Now: {{ $book->isLearning() ? 'learning' : 'switched off' }}{{ $book->since() === '' ? ''
            : ', from jobs signed since '.$book->since() }}. <a href="{{ route('evidence.learned') }}">As a file</a></p>
        @error('weight')<p class="refusal" role="alert">{{ $message }}</p>@enderror
        @if ($lead)
            <div class="mark-row">
                <x-form :action="route('evidence.learning')"><input type="hidden" name="on" value="{{ $book->isLearning() ? 'no'
                    : 'yes' }}"><button class="btn">{{ $book->isLearning() ? 'Switch it off' : 'Learn again' }}</button></x-form>
                <x-form :action="route('evidence.learning')" class="mark-row"><label>The table counts for <input class="plain short"
                    name="weight" value="{{ $book->weight() }}" maxlength="6" inputmode="numeric"> cases</label><button
                    class="btn">Set</button></x-form>
                <x-form :action="route('evidence.learning')"><input type="hidden" name="reset" value="yes"><button class="btn">Forget what
                    was learned, begin anew</button></x-form>
            </div>
        @endif
    </section>
    <div class="card">
        <table class="jobs-table">
            <thead><tr><th scope="col">Cause</th><th scope="col">Common</th><th scope="col">Speaks strongly for it</th>
                <th scope="col">Somewhat</th><th scope="col">Against it</th></tr></thead>
            <tbody>
                @foreach ($book->causes as $id => $line)
                    <tr>
                        <td><a href="{{ route('evidence.cause', $id) }}">{{ $line->cause->label }}</a><div
                            class="small soft">{{ $line->cause->outcome->label() }}@if ($line->ownFigures
                            !== 0) · the shop’s own in {{ $line->ownFigures }}@endif @if ($book->ownCases($id) > 0) · yours: {{
                            $book->ownCases($id) }} {{ $book->ownCases($id) === 1 ? 'case' : 'cases' }}@endif</div></td>
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
