@foreach ($at->parts as $part)
    @php($head = $at->head($part))
    @includeWhen($pieces->wants('head-'.$part->value, $head->madeFrom()), 'job.part-head', ['id' => $part->value])
    @include('strip.looked')
@endforeach
@include('strip.why')
@foreach (['flywheel', 'cover'] as $part)
    @includeWhen($pieces->mayHave('marked-'.$part), 'strip.marked')
@endforeach
