@props(['standing'])
<span class="shaft" role="img" aria-label="{{ collect(Spindle\Sheet\Station::cases())->map(fn ($s)
    => $s->label().' '.$standing->wordsAt($s))->implode(', ') }}">
    @foreach (Spindle\Sheet\Station::cases() as $each)
        <span @class(['here' => $standing->signed_by === '' && $each === $standing->stage()])>@mark($standing->verdictAt($each))</span>
    @endforeach
</span>
