@php($kit = $shown->kit)
<x-book at="shelf" :title="$kit->name">
    <p class="soft num">{{ $kit->number }} · {{ $kit->supplier?->name }} · {{ $shown->price() }}</p>
    <div class="fig plain-top">@include('drawings.kit', ['d' => $shown->drawing(), 'display' => $shown->display])</div>
    <div class="two-cards">
        <section class="card"><h2>As its supplier wrote it</h2>
            <table class="kit-facts small"><tbody>
                @foreach ($shown->written() as [$label, $value])<tr><td class="soft">{{ $label }}</td><td class="num">{{ $value
                    }}</td></tr>@endforeach
                @foreach ($kit->detail->extra ?? [] as $name => $value)<tr><td class="soft">{{ $name }}</td><td>{{ $value
                    }}</td></tr>@endforeach
            </tbody></table>
            <p class="mt-2"><a class="btn small" href="{{ route('shelf.new', ['kit' => $kit->id]) }}">Correct it by hand</a></p>
        </section>
        <section class="card"><h2>Clamp load through life</h2>@include('drawings.clamp-life', ['c' => $shown->clampThroughLife(),
            'display' => $shown->display])</section>
    </div>
</x-book>
