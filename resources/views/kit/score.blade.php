<table class="kit-facts">
    <caption class="sr-only">What its place is made of</caption>
    <tbody>
        @foreach ($seen->score() as $line)
            <tr><td class="small">{{ $line->label }}</td>
                <td class="num small">{{ $line->points === null ? 'not known' : $page->display->number($line->points, 2) }}</td>
                <td class="num small soft">× {{ $page->display->number($line->weight, 2) }}</td></tr>
        @endforeach
        <tr><td class="small font-semibold">Together</td><td class="num small font-semibold">{{
            $page->display->number($seen->ranked->score->total, 2) }}</td><td class="small soft">of 1</td></tr>
    </tbody>
</table>
