@php($pieces = App\Page\Pieces::now())
@foreach (Spindle\Assessment\StripPart::on($page->sheet) as $part)
    @php($madeFrom = App\Page\PartHead::of($page, $part)->madeFrom())
    @includeWhen($pieces->wants('nav-'.$part->value, $madeFrom), 'strip.link')
    @includeWhen($pieces->wants('head-'.$part->value, $madeFrom), 'strip.head')
@endforeach
@include('strip.looked')
@include('strip.why')
@foreach (['flywheel', 'cover'] as $part)
    @includeWhen($pieces->mayHave('marked-'.$part), 'strip.marked')
@endforeach
