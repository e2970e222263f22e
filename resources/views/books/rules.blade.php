@php([$lead, $n] = [Gate::allows('set-shop-figures'), new Spindle\Quantity\Display(Spindle\Quantity\UnitSystem::Metric,
    App\Jobs\ReaderLocale::decimalSign())])
@php($sets = [
    ['duties', 'Reserve for the duty', 'What a clutch must carry over the engine, and above what it is harsh.',
        collect(Spindle\Demand\Duty::cases())->mapWithKeys(fn ($d) => [$d->label() => ["{$d->value}.reserve" => ['Reserve',
        $d->reserve()->value], "{$d->value}.harsh_above" => ['Harsh above', $d->harshAbove()->value]]])],
    ['materials', 'Lining materials', 'Friction, hot friction, pressure in kPa, heat of a start in J/cm².',
        collect(Spindle\Capacity\Material::cases())->mapWithKeys(fn ($m) => [$m->label() => ["{$m->value}.mu" => ['Friction',
        $m->mu()->value], "{$m->value}.mu_hot" => ['Hot', $m->muHot()->value], "{$m->value}.pressure_limit" => ['Pressure at most',
        $m->pressureLimit()->value], "{$m->value}.comfortable_heat" => ['Comfortable heat', $m->comfortableHeat()->value],
        "{$m->value}.heat_limit" => ['Greatest heat', $m->heatLimit()->value]]])],
    ['ranking', 'What a place on the shelf is made of', 'How much each part of the score counts, and in what currency prices are compared.',
        collect(Spindle\Kit\Ranking\ScorePart::cases())->mapWithKeys(fn ($p) => [$p->label() => ["weights.{$p->value}" => ['Weight',
        $p->weight()]]])->put('Prices', ['currency' => ['Currency', 'that of most kits']])],
])
<x-book at="rules" title="Linings, duties, ranking">
    <p class="soft">Figures this shop goes by when kits are judged and ranked. Built in: {{ lcfirst(
        Spindle\Limit\Provenance::FromMemory->meaning()) }}. {{ $lead ? '' : 'Only the lead sets figures for the shop.' }}</p>
    @foreach (App\Limits\ShopKnowledge::unusable() as $said)<p class="refusal" role="alert">{{ $said }}</p>@endforeach
    <section class="card"><h2>What a kit is rated by</h2>
        <p class="small">Worked out from its data, every kit by one rule: clamp load, faces, mean radius with uniform wear, the lining’s
            friction.
            The radius with uniform pressure is shown as “new”. Or the maker’s claim, where that is believable for its lining; some
                shops trust
            a maker’s test bench over a formula.</p>
        @php($school = $given['rating']['school']->value ?? 'computed')
        <p class="small font-semibold">Now: {{ lcfirst(Spindle\Capacity\RatingSchool::from($school)->label()) }}</p>
        @if ($lead)
            <x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section" value="rating"><input type="hidden"
                name="name" value="school"><input type="hidden" name="value" value="{{ $school === 'claim' ? 'computed' : 'claim'
                    }}"><button
                class="btn">Go by {{ $school === 'claim' ? 'what data work out to' : 'the believable claim' }}</button></x-form>
        @endif
    </section>
    @php($bled = $given['bleeding']['school']->value ?? '')
    <section class="card"><h2>How hydraulics are bled</h2>
        <p class="small">Proposed on a job where nobody chooses another way. Every way ends in its proof.</p>
        <p class="small font-semibold">Now: {{ $bled === '' ? 'as is usual for the build' : lcfirst(
            Spindle\Hydraulics\BleedingSchool::from($bled)->label()) }}</p>
        @if ($lead)
            <x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section" value="bleeding"><input
                type="hidden" name="name" value="school"><label>Way <select class="plain" name="value"><option value="">as is
                usual</option>
                @foreach (Spindle\Hydraulics\BleedingSchool::cases() as $way)<option value="{{ $way->value }}"
                    @selected($bled === $way->value)>{{ $way->label() }}</option>@endforeach</select></label><button
                class="btn">Bleed so</button></x-form>
        @endif
    </section>
    @include('books.calendar')
    @foreach ($sets as [$section, $title, $about, $rows])
        <section class="card"><h2>{{ $title }}</h2><p class="small soft">{{ $about }}</p>
            <table class="jobs-table dense"><tbody>
                @foreach ($rows as $label => $figures)
                    <tr><th scope="row" class="small">{{ $label }}</th>
                        @foreach ($figures as $name => [$what, $built])
                            @php($own = $given[$section][$name]->value ?? '')
                            <td class="small"><span class="soft">{{ $what }}</span> <span class="num {{ $own === '' ? '' : 'font-semibold'
                                }}">{{ $own === '' ? (is_float($built) ? $n->number($built, $built < 10 ? 2 : 0) : $built) : $own }}</span>
                                @if ($lead)<x-form :action="route('rules.store')" class="mark-row"><input type="hidden" name="section"
                                    value="{{ $section }}"><input type="hidden" name="name" value="{{ $name }}"><input class="plain short"
                                    name="value" maxlength="12" value="{{ $own }}" aria-label="{{ $label }}, {{ lcfirst($what) }}"><button
                                    class="btn small">Set<span class="sr-only"> {{ lcfirst($what) }} of {{ $label
                                        }}</span></button></x-form>
                                @endif</td>
                        @endforeach
                    </tr>
                @endforeach
            </tbody></table>
        </section>
    @endforeach
    @include('books.changes', ['say' => fn ($c) => ucfirst(str_replace(['_', '.'], [' ', ', '], $c->section.', '.$c->name)), 'emptied'
        => 'built in again'])
</x-book>
