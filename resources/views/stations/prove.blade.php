<x-form :action="route('job.round', $page->job)" id="round-form" hidden></x-form>
<x-station-form :page="$page" :station="$station">
    @include('job.asked')
    @piece('draw-proved', 'div') @include('drawings.proved') @endpiece
    <ol class="proofs card">
        @foreach ($at->tests() as $test)
            <li id="test-{{ $test->value }}">
                <div class="test-how">
                    <h3>{{ $test->label() }}@if ($test->isForTwo()) <span class="tag">two people</span>@endif</h3>
                    <p class="small soft">{{ $test->how() }}@if ($at->revs($test) !== '') <span class="num">{{
                        $at->revs($test) }}</span>@endif</p>
                    @if ($test->caution() !== '')<p class="small test-caution">{{ $test->caution() }}</p>@endif
                </div>
                <div class="test-said">
                    @reading($test->key('result'), label: $test->label().': result')
                    @reading($test->key('felt'), label: 'What was felt')
                    @foreach ($at->measured($test) as $key)@reading($key)@endforeach
                    @foreach ($at->askedOfAFailed($test) as $key)@reading($key, live: true)@endforeach
                    @reading($test->key('why'), label: 'Not done, because', live: true)
                </div>
            </li>
        @endforeach
    </ol>
    <ul class="proofs card">
        <li>
            <div>
                <h2>The next look</h2>
                <p class="small soft">After running-in: free play, fluid, bolts where called for. Never later than the release follows
                    the wear.</p>
            </div>
            <div class="test-said in-pairs">@foreach ($at->nextLook() as $key)@reading($key)@endforeach</div>
        </li>
        <li>
            <div>
                <h2>Where nothing could be tried</h2>
                <p class="small soft">One reason for all of them, only where no test at all could be done.</p>
            </div>
            <div class="test-said">@reading($at->untried(), how: false)</div>
        </li>
    </ul>
</x-station-form>
