<div class="fig plain-top">
    @piece('draw-capacity', 'div', ['class' => 'draw']) @include('figures.capacity') @endpiece
</div>
@if ($page->job->kitChoice?->data !== null)
    <x-form :action="route('job.kit', $page->job)" class="mt-2">
        <span class="font-semibold">Chosen: {{ $page->values()->word('kit.name') }}</span> <span
            class="small soft">{{ $page->job->kitChoice->stated ? 'as the file states' : 'by '.$page->job->kitChoice->by_name }}</span>
        <button class="link small" @disabled($page->job->isSigned())>Take the choice back</button>
    </x-form>
@endif
<h2>Kits of the catalogue, judged for this job</h2>
<p class="small soft mb-2">What fits and carries the engine stands first; the rest stays visible with its reason.</p>
<div class="grid gap-2.5">
    @foreach ($kits as $row)
        <article @class(['kit', 'chosen' => $row->isChosen, 'v-'.$row->verdict()->value])>
            @mark($row->verdict())
            <div>
                <h3 class="font-bold">{{ $row->kit->name }} <span class="small soft num">{{ $row->kit->number }}</span></h3>
                <p class="small">{{ $row->line($page->display) }}</p>
                @foreach ($row->reasons() as $finding)
                    <p class="reason v-{{ $finding->verdict->value }}"><span
                        class="word">{{ ucfirst($finding->verdict->label()) }}.</span> {{ $finding->message }}</p>
                @endforeach
            </div>
            <div>@include('figures.kit-bar', ['row' => $row])</div>
            <x-form :action="route('job.kit', $page->job)">
                <button class="btn" name="kit" value="{{ $row->kit->id }}"
                    @disabled($page->job->isSigned() || $row->isChosen)>{{ $row->isChosen ? 'Chosen' : 'Choose' }}<span
                    class="sr-only"> {{ $row->kit->name }}</span></button>
            </x-form>
        </article>
    @endforeach
</div>
