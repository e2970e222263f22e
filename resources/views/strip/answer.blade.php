@include('strip.parts', ['oob' => true])
@foreach (Spindle\JobSheet\StripPart::on($bench->sheet) as $part)
    @include('strip.head', ['oob' => true])
@endforeach
@include('strip.why', ['oob' => true])
@foreach (['flywheel', 'cover'] as $part)
    @include('strip.marked', ['oob' => true])
@endforeach
