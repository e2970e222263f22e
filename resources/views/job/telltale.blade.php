@unless ($pieces->isAnswer())
    <h2>Tell-tale</h2>
@endunless
@piece('told', 'p', ['class' => 'small soft', 'role' => 'status']) {{ $tell->summary($page) }} @endpiece
@foreach ($groups as $title => $findings)
    @unless ($pieces->isAnswer())
        <h3>{{ $title }}</h3>
    @endunless
    @foreach ($findings as $finding)
        @php([$pieceId, $madeFrom] = ['finding-'.str_replace(['.', '_'], '-', $finding->id), $tell->madeFrom($page, $entries, $finding)])
        @includeWhen($pieces->wants($pieceId, $madeFrom), 'job.finding')
    @endforeach
@endforeach
@unless ($pieces->isAnswer())
    <p class="small soft mt-4">Follow the vehicle maker’s procedure, local rules and licensed practice; figures here support a trained
        technician’s judgement.</p>
@endunless
