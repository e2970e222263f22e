<table class="kit-facts">
    <caption class="sr-only">What its place is made of</caption>
    <tbody>
        @foreach (Spindle\Kit\Ranking\ScorePart::cases() as $part)
            @php([$points, $weight] = [$seen->ranked->score->parts[$part->value] ?? null,
                Spindle\Kit\Ranking\RankingRules::of($page->sheet)->weight($part)])
            <tr><td class="small">{{ $part->label() }}</td>
                <td class="num small">{{ $points === null ? 'not known' : $page->display->number($points, 2) }}</td>
                <td class="num small soft">× {{ $page->display->number($weight, 2) }}</td></tr>
        @endforeach
        <tr><td class="small font-semibold">Together</td><td class="num small font-semibold">{{
            $page->display->number($seen->ranked->score->total, 2) }}</td><td class="small soft">of 1</td></tr>
    </tbody>
</table>
