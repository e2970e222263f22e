@php($both = fn ($length) => implode(', ', array_map(fn ($units) => (new Spindle\Quantity\Display($units,
    App\Page\ReaderLocale::decimalSign()))->quantity($length, App\Page\InstrumentMemory::step($length, $units)),
    Spindle\Quantity\UnitSystem::cases())))
@php($lead = Gate::allows('set-shop-figures'))
<x-book at="instruments" title="Instruments">
    <p class="soft">A reading nearer to its limit than its instrument can tell proves nothing either way: the verdict there is near.
        {{ $lead ? '' : 'Only the lead sets figures for the shop.' }}</p>
    <div class="card">
        <table class="jobs-table">
            <thead><tr><th scope="col">Instrument</th><th scope="col">Built in, ±</th><th scope="col">Mark</th>
                <th scope="col">The shop’s, ±</th></tr></thead>
            <tbody>
                @foreach (Spindle\Limit\Instrument::cases() as $instrument)
                    @php([$built, $shop] = [$instrument->uncertainty(), $inForce[$instrument->value] ?? null])
                    <tr>
                        <td><strong>{{ ucfirst($instrument->label()) }}</strong></td>
                        <td class="num">{{ $built instanceof Spindle\Quantity\Length ? $both($built)
                            : (new Spindle\Quantity\Display)->percent($built->value).' of the reading' }}</td>
                        <td class="small">{{ Spindle\Limit\Mark::FromMemory->meaning() }}</td>
                        <td>@if ($shop)<span class="num font-semibold">{{ $shop->value }}</span> <span
                            class="small soft">{{ $shop->by_name }}</span>@else<span class="soft small">none</span>@endif
                            @if ($lead)
                                <x-form :action="route('instruments.store')" class="mark-row">
                                    <input type="hidden" name="instrument" value="{{ $instrument->value }}">
                                    <label class="small"><span class="sr-only">Uncertainty of the {{ $instrument->label() }}</span><input
                                        class="plain" name="uncertainty" maxlength="40"
                                        value="{{ old('instrument') === $instrument->value ? old('uncertainty')
                                        : ($shop->value ?? '') }}"></label>
                                    <button class="btn">Set<span class="sr-only"> for the {{ $instrument->label() }}</span></button>
                                </x-form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    @include('books.changes', ['say' => fn ($c) => ucfirst(str_replace('_', ' ', $c->name)), 'emptied' => 'built in again'])
</x-book>
