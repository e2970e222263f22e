<x-form :action="route('job.round', $page->job)" id="round-form" hidden></x-form>
<x-station-form :page="$page" :station="$station">
    @piece('draw-proved', 'div') @include('figures.proved') @endpiece
    <ol class="proofs card">
        @foreach (Spindle\Proving\Test::of($page->sheet) as $test)
            <li id="test-{{ $test->value }}">
                <div class="test-how">
                    <h3>{{ $test->label() }}@if ($test->isForTwo()) <span class="tag">two people</span>@endif</h3>
                    <p class="small soft">{{ $test->how() }}@if ($test === Spindle\Proving\Test::Creep
                        && $page->assessment->figure('prove.rev_speed') !== null) <span class="num">{{
                        $page->display->number($page->assessment->figure('prove.rev_speed'), 0) }} rpm.</span>@endif</p>
                    @if ($test->caution() !== '')<p class="small test-caution">{{ $test->caution() }}</p>@endif
                </div>
                <div class="test-said">
                    @reading($test->key('result'), label: $test->label().': result')
                    @reading($test->key('felt'), label: 'What was felt')
                    @if ($test === Spindle\Proving\Test::TakeUp)@reading(Spindle\Proving\ProvingFields::HEIGHT)@endif
                    @reading($test->key('why'), label: 'Not done, because', live: true)
                </div>
            </li>
        @endforeach
    </ol>
    <div class="fields card mt-2">@reading(Spindle\Proving\ProvingFields::UNTRIED)</div>
    <h2>The next look</h2>
    <p class="small soft mb-2">After running-in: free play, fluid, bolts where called for. Never later than the release follows
        the wear.</p>
    <div class="fields card">
        @foreach ([Spindle\Proving\ProvingFields::RECHECK_ON, Spindle\Proving\ProvingFields::RECHECK_AFTER,
            Spindle\Proving\ProvingFields::RECHECK_HOURS] as $key)
            @reading($key)
        @endforeach
    </div>
</x-station-form>
