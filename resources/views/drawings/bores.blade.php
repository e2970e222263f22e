@php($t = $drawings->setting())
<table class="jobs-table dense setting">
    <thead><tr><th scope="col">{{ $t->cylinders()[$cylinder] ?? '' }}</th><th scope="col" class="right">Air, each face</th><th scope="col"
        class="right">Take-up</th><th scope="col" class="right">Bearing goes</th><th scope="col" class="right">Pedal</th><th
        scope="col" class="right">Line</th></tr></thead>
    <tbody>
        @foreach ($t->bores($cylinder) as $option)
            <tr @class(['chosen' => $option->isPresent])><td class="num">{{ $t->what($option) }}{{ $option->isPresent
                ? ', as it is' : '' }}</td><td class="num right">{{ $t->gap($option) }}</td><td
                class="num right">{{ $t->takeUp($option) }}</td><td class="num right">{{ $t->travel($option)
                }}@if ($t->isTooFar($option)) <span class="v-out">too far</span>@endif</td><td
                class="num right">{{ $t->force($option) }}</td><td class="num right">{{ $t->pressure($option) }}</td></tr>
        @endforeach
    </tbody>
</table>
