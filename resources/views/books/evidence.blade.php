@php($lead = Gate::allows('set-shop-figures'))
@php($say = fn (string $name): string => Spindle\Triage\Signs::all()[$name]
    ?? lcfirst(Spindle\Triage\Tests::all()[$name]->label ?? 'how common it is'))
@php($list = fn (array $names) => implode(', ', array_map($say, $names)))
<x-book at="evidence" title="Evidence of triage">
    <p class="soft">How common each cause is, and how strongly each sign or test speaks for it. Directions are common practice without a
        source; every number is from memory, a default for the shop to change. A sign that speaks strongly is there in {{ (int)
        (100 * Spindle\Triage\Strength::Strong->ofSign()) }} of a hundred such faults, somewhat in {{ (int)
        (100 * Spindle\Triage\Strength::Some->ofSign()) }}, and in {{ (int)
        (100 * Spindle\Triage\Strength::None->ofSign()) }} by chance. {{ $lead ? '' : 'Only the lead sets figures for the shop.' }}</p>
    <div class="card">
        <table class="jobs-table">
            <thead><tr><th scope="col">Cause</th><th scope="col">Common</th><th scope="col">Speaks strongly for it</th>
                <th scope="col">Somewhat</th><th scope="col">Against it</th></tr></thead>
            <tbody>
                @foreach ($causes as $id => $cause)
                    @php($own = array_filter(array_keys($inForce), fn ($name) => str_starts_with($name, "{$id}.")))
                    <tr>
                        <td><a href="{{ route('evidence.cause', $id) }}">{{ $cause->label }}</a><div
                            class="small soft">{{ $cause->outcome->label() }}@if ($own
                            !== []) · the shop’s own in {{ count($own) }}@endif</div></td>
                        <td class="num">{{ $cause->prior }}</td>
                        <td class="small">{{ $list($cause->strong) }}</td><td class="small">{{ $list($cause->some) }}</td>
                            <td class="small">{{ $list($cause->against) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @include('books.changes', ['say' => fn ($c) => $causes[explode('.', $c->name)[0]]->label.', '.$say(explode('.', $c->name, 2)[1]),
        'emptied' => 'built in again'])
</x-book>
