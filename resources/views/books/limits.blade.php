@php($lead = auth()->user()->can('set-shop-figures'))
<x-book at="limits" title="Limits book">
    <p class="soft">A maker’s figure entered on a job comes first, then the shop’s, then common practice. {{ $lead ? ''
        : 'Only the lead sets limits for the shop.' }}</p>
    <x-mark-legend :marks="$book->marks()" />
    <div class="card">
        <table class="jobs-table">
            <thead><tr><th scope="col">Limit</th><th scope="col">For</th><th scope="col">Common practice</th><th scope="col">Mark</th>
                <th scope="col">The shop’s</th></tr></thead>
            <tbody>
                @foreach ($book->limits as $line)
                    @php($shop = $line->shop)
                    <tr>
                        <td><strong>{{ $line->label }}</strong><div class="small soft">{{ $line->remark }}</div></td>
                        <td class="small">{{ $line->for }}</td>
                        <td><span class="num">{{ $line->figures }}</span>@if ($line->inOther !== '')
                            <div class="small soft num">{{ $line->inOther }}</div>@endif</td>
                        <td><x-mark-of :mark="$line->provenance" /></td>
                        <td>
                            @if ($shop)<span class="num font-semibold">{{ $shop->words() }}</span> <span
                                class="small soft">{{ $shop->by_name }}</span>@else<span class="soft small">none</span>@endif
                            @if ($lead)
                                <details><summary class="underline small min-h-11 cursor-pointer py-2">Set<span
                                    class="sr-only"> {{ $line->label }}, {{ $line->classes }}</span></summary>
                                    <x-form :action="route('limits.store')" class="grid gap-2">
                                        <input type="hidden" name="name" value="{{ $line->name }}"><input type="hidden"
                                            name="classes" value="{{ $line->classes }}">
                                        @if ($line->hasLeast)<label class="small">At least <input class="plain"
                                            name="least" value="{{ $shop->least ?? '' }}" maxlength="40"></label>@endif
                                        @if ($line->greatestIs !== '')<label class="small">{{ $line->greatestIs }} <input class="plain"
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
        <tbody>@foreach ($book->duties as $line)<tr><td>{{ $line->name }}</td>
            <td class="num">{{ $line->reserve }}</td>
            <td class="num">{{ $line->harshAbove }}</td>
            <td><x-mark-of :mark="$line->provenance" /></td></tr>@endforeach</tbody>
    </table></div>
    <h2 class="text-xl font-bold">Lining materials</h2>
    <div class="card"><table class="jobs-table">
        <thead><tr><th scope="col">Material</th><th scope="col">Friction, hot</th><th scope="col">Pressure at most</th>
            <th scope="col">Heat of a start, comfortable and limit</th><th scope="col">Mark</th></tr></thead>
        <tbody>@foreach ($book->linings as $line)<tr><td>{{ $line->name }}</td>
            <td class="num">{{ $line->friction }}</td>
            <td><span class="num">{{ $line->pressure }}</span><div class="small soft num">{{ $line->pressureInInches }}</div></td>
            <td class="num">{{ $line->heat }}</td>
            <td><x-mark-of :mark="$line->provenance" /></td></tr>@endforeach</tbody>
    </table></div>
    @include('books.changes', ['emptied' => 'common practice again'])
</x-book>
