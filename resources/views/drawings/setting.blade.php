@php([$t, $drawn] = [$drawings->setting(), $drawings->chain()->thens()])
@if ($t->options === [])
    <p class="small soft">With the chain known, what to set stands here: stop, rod, bores, each with what it does to the rest.</p>
@else
    <table class="jobs-table dense setting">
        <caption class="sr-only">What to set, and what each does to the rest</caption>
        <thead><tr><th scope="col"><span class="sr-only">Drawn over the chain</span></th>
            <th scope="col">Set</th><th scope="col" class="right">Air, each face</th><th scope="col" class="right">Take-up</th><th
            scope="col" class="right">Free play</th><th scope="col" class="right">Bearing goes</th><th scope="col"
            class="right">Pedal</th></tr></thead>
        <tbody>
            @foreach ($t->options as $option)
                <tr @class(['chosen' => $option->isPresent])>
                    <td>@if (isset($drawn[$option->kind]))<label class="draw-then"><input type="radio" form="none" name="drawn"
                        value="{{ $option->kind }}" data-draw-then @checked($option->kind === array_key_first($drawn))><span
                        class="sr-only">draw: {{ $t->what($option) }}</span></label>@endif</td>
                    <td>{{ $t->what($option) }}</td>
                    <td class="num right">{{ $t->gap($option) }}</td>
                    <td class="num right">{{ $t->takeUp($option) }}</td><td class="num right">{{ $t->play($option) }}</td>
                    <td class="num right">{{ $t->travel($option) }}@if ($t->isTooFar($option)) <span class="v-out">too far</span>@endif</td>
                    <td class="num right">{{ $t->force($option) }}</td></tr>
            @endforeach
        </tbody>
    </table>
    <p class="small soft">The one that is ticked is dashed in the drawing. Start low, so that nothing is overstroked. Order: free
        play, pedal height and upper switch, lower stop, safety and cruise switches; lock the nuts on both ends;
        see that the switches still close.</p>
    @foreach ($t->cylinders() as $cylinder => $name)
        <details><summary>{{ $name }} bores side by side</summary>
            <div hx-get="{{ route('job.drawing', [$page->job, "bores-{$cylinder}"]) }}" hx-trigger="toggle once from:closest details"
                hx-params="none" hx-target="this" hx-swap="innerHTML"></div></details>
    @endforeach
@endif
