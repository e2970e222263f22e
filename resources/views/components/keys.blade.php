<dialog id="keys" class="card m-auto max-w-lg" aria-labelledby="keys-title">
    <h2 id="keys-title" class="text-xl font-bold">Keys</h2>
    <table class="jobs-table small">
        @foreach ([
            'Enter' => 'next field', 'Shift + Enter' => 'field before', 'Esc' => 'leave the field, so that the keys below act',
            '1 to 9, 0' => 'the ten stations', '/' => 'find a vehicle', 'u' => 'units: millimetres or inches first',
            '[ and ]' => 'at Strip: the part before, the part after', 'arrows, Enter'
                => 'on a friction face: move the cross, place the mark',
            '→ and ←, or a swipe' => 'on the walk: the next thing, the one before', 'm'
                => 'mark the reading last touched to be measured again', '?' => 'this list',
        ] as $key => $does)
            <tr><th scope="row" class="num">{{ $key }}</th><td>{{ $does }}</td></tr>
        @endforeach
    </table>
    <button type="button" class="btn mt-2" id="keys-close">Close</button>
</dialog>
