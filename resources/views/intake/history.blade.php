@piece('earlier', 'div')
    @if ($earlier !== [])
        <section class="card" aria-labelledby="earlier-title">
            <h2 id="earlier-title" class="flush">Before on this vehicle</h2>
            @foreach ($earlier as $one)
                <div class="earlier">
                    <p><a class="underline font-semibold"
                        href="{{ route('station', [$one->page->job,
                        'record']) }}">{{ $one->page->job->label() }}</a>, {{ $one->when() }}@if ($one->kit()
                        !== ''). Fitted: <strong>{{ $one->kit() }}</strong>@endif.</p>
                    @if ($one->wear() !== '')<p>{{ $one->wear() }}. @if ($loop->first){{ $one->foretells($page) }}@endif</p>@else<p
                        class="soft">Its wear was not measured, or not how long it had run.</p>@endif
                    @if ($one->causes() !== [])<p>It failed by: {{ implode(', ',
                        $one->causes()) }}.@if ($one->page->values()->word('why.words'))
                            {{ $one->page->values()->word('why.words') }}@endif</p>@endif
                    @foreach ($one->findings() as $finding)
                        <p class="v-out flex gap-2">@mark($finding->verdict)<span><span
                            class="word">Out.</span> {{ $finding->message }}</span></p>
                    @endforeach
                </div>
            @endforeach
        </section>
    @endif
@endpiece
