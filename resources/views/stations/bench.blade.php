<x-station-form :page="$page" :station="$station">
    <div class="fig plain-top">
        @piece('draw-bench', 'div', ['class' => 'draw']) @include('drawings.bench') @endpiece
    </div>
    <table class="jobs-table dense bench-pairs">
        <caption class="sr-only">New against old</caption>
        <thead><tr><th scope="col">Old</th><th scope="col">New</th><th scope="col">The kit says</th></tr></thead>
        <tbody>
            @foreach ($at->pairs as [$old, $new, $said])
                <tr><td>@reading($old)</td><td>@reading($new)</td><td class="small soft num">{{ $said }}</td></tr>
            @endforeach
        </tbody>
    </table>
    <h2>Trial</h2>
    <div class="fields card">
        @foreach (['slides', 'clears', 'tool', 'sits', 'release_test'] as $name)@reading('bench.'.$name)@endforeach
    </div>
    <h2>Which way round</h2>
    <p class="small soft mb-2">Usually the flat side and the shorter hub face the flywheel, damper and longer hub the gearbox. The old
        disc says it
        for sure, and a trial on the bare flywheel decides.</p>
    <div class="fields card">@reading('bench.orientation')@reading('bench.orientation_by')</div>
    <h2>Accept or send back</h2>
    <p class="small soft mb-2">Any no stops the job. What is sent back is noted at <a href="{{ route('job.parts', $page->job) }}">the
        order</a>;
        a photo below goes with it.</p>
    <div class="fields card">
        @reading('bench.damage', class: 'span')@reading('bench.accepted')@reading('bench.reason')
    </div>
</x-station-form>
