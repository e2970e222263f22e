@foreach ($at->parts as $part)
    @php($madeFrom = $at->head($part)->madeFrom())
    @includeWhen($pieces->wants('nav-'.$part->value, $madeFrom), 'strip.link')
    @includeWhen($pieces->wants('head-'.$part->value, $madeFrom), 'strip.head')
@endforeach
@include('strip.looked')
@include('strip.why')
@foreach (['flywheel', 'cover'] as $part)
    @includeWhen($pieces->mayHave('marked-'.$part), 'strip.marked')
@endforeach
