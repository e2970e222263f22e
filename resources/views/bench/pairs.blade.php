<table class="jobs-table bench-pairs in-pairs">
    <caption class="sr-only">New against old</caption>
    <thead><tr><th scope="col">Measure</th><th scope="col">Old</th><th scope="col">New</th><th scope="col">The kit says</th></tr></thead>
    <tbody>
        @foreach ($at->pairs() as $name => [$old, $new, $said])
            <tr><th scope="row">{{ $name }}</th><td>@reading($old)</td><td>@reading($new)</td>
                <td class="small soft num" data-of="The kit says">{{ $said }}</td></tr>
        @endforeach
    </tbody>
</table>
