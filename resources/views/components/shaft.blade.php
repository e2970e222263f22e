@props(['standing'])
<span class="shaft" role="img" aria-label="{{ collect(Spindle\JobSheet\Station::cases())->map(fn ($s) => $s->label().' '.$standing->wordsAt($s))->implode(', ') }}">
    @foreach (Spindle\JobSheet\Station::cases() as $each)
        <span @class(['here' => $standing->signed_by === '' && $each === $standing->stage()])>@mark($standing->verdictAt($each))</span>
    @endforeach
</span>
