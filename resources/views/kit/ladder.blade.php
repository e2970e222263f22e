<section class="card">
    <h2 class="m-0">None of these carries this engine: what would</h2>
    <p class="small soft">Each over the strongest kit that fits, with all that is asked of a kit; where none is enough, two together.
        Steps add up; so does the load on fork, mounts, gearbox.</p>
    <ol class="ladder">
        @foreach ($shelf->ladder as $step)
            <li>@mark($step->carries ? 'within' : 'out') <span>{{ $step->label }}</span>
                <span class="num">{{ $page->display->quantity($step->carried, 1.0) }}</span> <span class="num soft">×
                {{ $page->display->number($step->margin->value, 2) }}</span>
                <span class="small soft">{{ $step->carries ? 'carries' : 'not enough by itself' }}</span>
                @if (isset($shelf->onSteps[$step->id]))<span class="small">{{ $shelf->onSteps[$step->id] ?: 'no' }} kits of the shelf
                    carry there</span>@endif
            </li>
        @endforeach
    </ol>
</section>
