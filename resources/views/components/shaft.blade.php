@props(['bench'])
<span class="shaft" role="img" aria-label="{{ collect(Spindle\JobSheet\Station::cases())->map(fn ($s) => $s->label().' '.app(App\Bench\TellTale::class)->collar($bench, $s))->implode(', ') }}">
    @foreach (Spindle\JobSheet\Station::cases() as $each)
        <span @class(['here' => ! $bench->job->isSigned() && $each === $bench->stage()])><x-mark :verdict="$bench->verdictAt($each)" /></span>
    @endforeach
</span>
