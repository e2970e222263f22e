@php([$values, $page] = [Spindle\Sheet\FieldValues::ofBase(Spindle\Assessment\Subjects::dictionary(), $kit->detail->facts ?? []),
    (object) ['display' => new Spindle\Quantity\Display(Spindle\Quantity\UnitSystem::Metric, App\Jobs\ReaderLocale::decimalSign())]])
<x-book at="shelf" :title="$kit->name">
    <p class="soft num">{{ $kit->number }} · {{ $kit->supplier?->name }} · {{ $kit->price === null ? 'no price'
        : number_format($kit->price, 2, '.', ' ').' '.$kit->currency }}</p>
    <div class="fig plain-top">@include('drawings.kit', ['kit' => $values])</div>
    <div class="two-cards">
        <section class="card"><h2>As its supplier wrote it</h2>
            <table class="kit-facts small"><tbody>
                @foreach ($kit->detail->data ?? [] as $name => $value)
                    <tr><td class="soft">{{ Spindle\Assessment\Subjects::dictionary()->find("kit.{$name}")?->label ?? $name }}</td>
                        <td class="num">{{ is_array($value) ? implode(', ', $value) : $value }}</td></tr>
                @endforeach
                @foreach ($kit->detail->extra ?? [] as $name => $value)<tr><td class="soft">{{ $name }}</td><td>{{ $value
                    }}</td></tr>@endforeach
            </tbody></table>
            <p class="mt-2"><a class="btn small" href="{{ route('shelf.new', ['kit' => $kit->id]) }}">Correct it by hand</a></p>
        </section>
        <section class="card"><h2>Clamp load through life</h2>@include('drawings.clamp-life', ['kit' => $values])</section>
    </div>
</x-book>
