@piece('earlier', 'div')
    @if ($at->earlier !== [])
        <section class="card" aria-labelledby="earlier-title">
            <h2 id="earlier-title" class="flush">Before on this vehicle</h2>
            @foreach ($at->earlier as $one)
                <div class="earlier">
                    <p><a class="underline font-semibold" href="{{ route('station', [$one->job, 'record']) }}">{{ $one->job->label()
                        }}</a>, {{ $one->when() }}@if ($one->kit() !== ''). Fitted: <strong>{{ $one->kit() }}</strong>@endif.</p>
                    @if ($one->untold() !== '')<p class="soft">{{ $one->untold() }}</p>
                    @elseif ($one->wear() !== '')<p>{{ $one->wear() }}. @if ($loop->first){{ $one->foretells($page) }}@endif</p>@else<p
                        class="soft">Its wear was not measured, or not how long it had run.</p>@endif
                    @if ($one->causes() !== [])<p>It failed by: {{ implode(', ', $one->causes()) }}. {{ $one->words() }}</p>@endif
                    @include('vehicle.found', ['found' => $one->found()])
                </div>
            @endforeach
        </section>
    @endif
@endpiece
