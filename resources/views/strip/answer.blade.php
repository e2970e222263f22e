@php($pieces = App\Bench\Pieces::now())
@foreach (Spindle\Assessment\StripPart::on($bench->sheet) as $part)
    @php($madeFrom = App\Bench\PartHead::of($bench, $part)->madeFrom())
    @includeWhen($pieces->wants('nav-'.$part->value, $madeFrom), 'strip.link')
    @includeWhen($pieces->wants('head-'.$part->value, $madeFrom), 'strip.head')
@endforeach
@include('strip.looked')
@include('strip.why')
@foreach (['flywheel', 'cover'] as $part)
    @includeWhen($pieces->mayHave('marked-'.$part), 'strip.marked')
@endforeach
