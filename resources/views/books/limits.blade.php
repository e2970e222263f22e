@php($lead = Gate::allows('set-shop-figures'))
@php([$metric, $inch] = [new Spindle\Quantity\Display(decimalSign: App\Jobs\ReaderLocale::decimalSign()),
    new Spindle\Quantity\Display(Spindle\Quantity\UnitSystem::Inch, App\Jobs\ReaderLocale::decimalSign())])
<x-book at="limits" title="Limits book">
    <p class="soft">A maker’s figure entered on a job comes first, then the shop’s, then common practice. {{ $lead ? ''
        : 'Only the lead sets limits for the shop.' }}</p>
    <x-mark-legend />
    <div class="card">
        <table class="jobs-table">
            <thead><tr><th scope="col">Limit</th><th scope="col">For</th><th scope="col">Common practice</th><th scope="col">Mark</th>
                <th scope="col">The shop’s</th></tr></thead>
            <tbody>
                @foreach (Spindle\Assessment\Subjects::dictionary()->practice->rows as $row)
                    @php($classes = App\Limits\LimitsBook::classes($row))
                    @php($shop = $inForce["{$row->name}|{$classes}"] ?? null)
                    <tr>
                        <td><strong>{{ App\Limits\LimitsBook::label($row) }}</strong><div
                            class="small soft">{{ $row->remark($metric) }}</div></td>
                        <td class="small">{{ count($row->classes) === 4 ? 'all' : str_replace(',', ', ', $classes) }}</td>
                        @php([$here, $there] = [App\Limits\LimitsBook::figures($row, $metric), App\Limits\LimitsBook::figures($row, $inch)])
                        <td><span class="num">{{ $here }}</span>@if ($there !== $here)
                            <div class="small soft num">{{ $there }}</div>@endif</td>
                        <td><x-mark-of :mark="$row->mark" /></td>
                        <td>
                            @if ($shop)<span class="num font-semibold">{{ $shop->words() }}</span> <span
                                class="small soft">{{ $shop->by_name }}</span>@else<span class="soft small">none</span>@endif
                            @if ($lead)
                                <details><summary class="underline small min-h-11 cursor-pointer py-2">Set<span
                                    class="sr-only"> {{ App\Limits\LimitsBook::label($row) }}, {{ $classes }}</span></summary>
                                    <x-form :action="route('limits.store')" class="grid gap-2">
                                        <input type="hidden" name="name" value="{{ $row->name }}"><input type="hidden"
                                            name="classes" value="{{ $classes }}">
                                        @if ($row->min !== null)<label class="small">At least <input class="plain"
                                            name="least" value="{{ $shop->least ?? '' }}" maxlength="40"></label>@endif
                                        @if ($row->max !== null)<label class="small">At most <input class="plain" name="greatest"
                                            value="{{ $shop->greatest ?? '' }}" maxlength="40"></label>@elseif ($row->watchMax
                                            !== null)<label class="small">Watch from <input class="plain"
                                            name="greatest" value="{{ $shop->greatest ?? '' }}" maxlength="40"></label>@endif
                                        <button class="btn">Set for the shop</button>
                                        <p class="small soft">A bound left empty stays common practice.</p>
                                    </x-form>
                                </details>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <p class="soft">The face runout of a flywheel is held against its share of the diameter the dial runs on, where the maker gives no
        figure. Thickness after machining, free play and rock of a dual-mass flywheel are the maker’s figures only.</p>
    <h2 class="text-xl font-bold">Reserve for the duty</h2>
    <div class="card"><table class="jobs-table">
        <thead><tr><th scope="col">Duty</th><th scope="col">Reserve</th><th scope="col">Harsh above</th><th scope="col">Mark</th></tr>
            </thead>
        <tbody>@foreach (Spindle\Demand\Duty::cases() as $duty)<tr><td>{{ $duty->label() }}</td>
            <td class="num">{{ $metric->number($duty->reserve()->value, 2) }}</td>
            <td class="num">{{ $metric->number($duty->harshAbove()->value, 1) }}</td>
            <td><x-mark-of :mark="Spindle\Limit\Provenance::FromMemory" /></td></tr>@endforeach</tbody>
    </table></div>
    <h2 class="text-xl font-bold">Lining materials</h2>
    <div class="card"><table class="jobs-table">
        <thead><tr><th scope="col">Material</th><th scope="col">Friction, hot</th><th scope="col">Pressure at most</th>
            <th scope="col">Heat of a start, comfortable and limit</th><th scope="col">Mark</th></tr></thead>
        <tbody>@foreach (Spindle\Capacity\Material::cases() as $material)<tr><td>{{ $material->label() }}</td>
            <td class="num">{{ $metric->number($material->mu()->value, 2) }}, {{ $metric->number($material->muHot()->value, 2) }}</td>
            <td><span class="num">{{ $metric->quantity($material->pressureLimit(), 1.0) }}</span><div
            class="small soft num">{{ $inch->quantity($material->pressureLimit(), 1.0) }}</div></td>
            <td class="num">{{ $material->comfortableHeat()->value }}, {{ $material->heatLimit()->value }} J/cm²</td>
            <td><x-mark-of :mark="Spindle\Limit\Provenance::FromMemory" /></td></tr>@endforeach</tbody>
    </table></div>
    <h2 class="text-xl font-bold">Changes</h2>
    @forelse ($changes as $change)
        <p>{{ App\Limits\LimitsBook::nameOf($change->name) }} ({{ str_replace(',', ', ', $change->classes) }}): <span
            class="num">{{ $change->isWithdrawn() ? 'common practice again'
            : $change->words() }}</span>
            <span class="small soft">{{ $change->by_name }}, {{ App\Jobs\ReaderLocale::dateTime($change->at) }}</span></p>
    @empty
        <p class="soft">None yet.</p>
    @endforelse
</x-book>
