@php($lead = auth()->user()->can('set-shop-figures'))
<x-book at="rules" title="Linings, duties, ranking">
    <p class="soft">Figures this shop goes by when kits are judged and ranked. Built in: {{ $book->foundedOn()
        }}. {{ $lead ? '' : 'Only the lead sets figures for the shop.' }}</p>
    @foreach ($book->unusable as $said)<p class="refusal" role="alert">{{ $said }}</p>@endforeach
    <section class="card"><h2>The workshop on paper</h2>
        <p class="small">Stands at the head of everything printed, and in the file of a job; what was signed keeps what it was signed
            with.</p>
        <table class="jobs-table dense calendar-hours"><tbody>
            @foreach ($book->asksOfShop() as $name => $label)
                @php($own = $book->own('shop', $name))
                <tr><th scope="row" class="small">{{ $label }}</th><td class="small">{{ $own === '' ? 'not entered' : $own }}</td>
                    <td>@if ($lead)<x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section"
                        value="shop"><input type="hidden" name="name" value="{{ $name }}"><input class="plain" name="value" maxlength="120"
                        value="{{ $own }}" aria-label="{{ $label }}"><button class="btn small">Set<span class="sr-only"> {{ $label
                        }}</span></button></x-form>@endif</td></tr>
            @endforeach
        </tbody></table>
    </section>
    <section class="card"><h2>What an hour costs, and how an offer is made</h2>
        <p class="small">In the shop’s own money; what a job says for itself comes first. The built-in days and tolerance: {{
            $book->foundedOn() }}.</p>
        <table class="jobs-table dense calendar-hours"><tbody>
            @foreach ($book->asksOfOffers() as [$section, $name, $label, $builtIn])
                @php($own = $book->own($section, $name))
                <tr><th scope="row" class="small">{{ $label }}</th><td class="small num">{{ $own === '' ? $builtIn : $own }}</td>
                    <td>@if ($lead)<x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section"
                        value="{{ $section }}"><input type="hidden" name="name" value="{{ $name }}"><input class="plain" name="value"
                        maxlength="20" inputmode="decimal" value="{{ $own }}" aria-label="{{ $label }}"><button class="btn small">Set<span
                        class="sr-only"> {{ $label }}</span></button></x-form>@endif</td></tr>
            @endforeach
        </tbody></table>
    </section>
    <section class="card"><h2>What a kit is rated by</h2>
        <p class="small">Worked out from its data, every kit by one rule: clamp load, faces, mean radius with uniform wear, the lining’s
            friction.
            The radius with uniform pressure is shown as “new”. Or the maker’s claim, where that is believable for its lining; some
                shops trust
            a maker’s test bench over a formula.</p>
        <p class="small font-semibold">Now: {{ $book->ratedBy() }}</p>
        @if ($lead)
            <x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section" value="rating"><input type="hidden"
                name="name" value="school"><input type="hidden" name="value" value="{{ $book->isByClaim() ? 'computed' : 'claim'
                    }}"><button
                class="btn">Go by {{ $book->isByClaim() ? 'what data work out to' : 'the believable claim' }}</button></x-form>
        @endif
    </section>
    @php($bled = $book->bleeding())
    <section class="card"><h2>How hydraulics are bled</h2>
        <p class="small">Proposed on a job where nobody chooses another way. Every way ends in its proof.</p>
        <p class="small font-semibold">Now: {{ $bled === null ? 'as is usual for the build' : lcfirst($bled->label()) }}</p>
        @if ($lead)
            <x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section" value="bleeding"><input
                type="hidden" name="name" value="school"><label>Way <select class="plain" name="value"><option value="">as is
                usual</option>
                @foreach ($book->waysOfBleeding() as $way)<option value="{{ $way->value }}"
                    @selected($bled === $way)>{{ $way->label() }}</option>@endforeach</select></label><button
                class="btn">Bleed so</button></x-form>
        @endif
    </section>
    @include('books.calendar')
    @foreach ($book->tables as $table)
        <section class="card"><h2>{{ $table->title }}</h2><p class="small soft">{{ $table->about }}</p>
            <table class="jobs-table dense"><tbody>
                @foreach ($table->rows as $label => $figures)
                    <tr><th scope="row" class="small">{{ $label }}</th>
                        @foreach ($figures as $figure)
                            <td class="small"><span class="soft">{{ $figure->what }}</span> <span class="num {{ $figure->own === '' ? ''
                                : 'font-semibold' }}">{{ $figure->shown }}</span>
                                @if ($lead)<x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section"
                                    value="{{ $table->section }}"><input type="hidden" name="name" value="{{ $figure->name }}"><input
                                    class="plain short" name="value" maxlength="12" value="{{ $figure->own }}" aria-label="{{ $label }}, {{
                                    lcfirst($figure->what) }}"><button class="btn small">Set<span class="sr-only"> {{ lcfirst($figure->what)
                                        }} of {{ $label }}</span></button></x-form>
                                @endif</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody></table>
        </section>
    @endforeach
    @include('books.changes', ['emptied' => 'built in again'])
</x-book>
