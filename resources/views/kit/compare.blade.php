@include('kit.links', ['here' => ''])
<h2>Side by side</h2>
<div class="fig plain-top">@include('drawings.compare')</div>
<div class="compare-grid">
    @foreach ($seen as $one)
        @php($row = $one->row)
        <section class="card">
            <h3>@mark($row->verdict()) <a href="{{ route('job.kit.page', [$page->job, $row->kit]) }}">{{ $row->kit->name }}</a></h3>
            <p class="small soft num">{{ $row->kit->number }} · {{ $row->what() }}</p>
            <table class="kit-facts small"><tbody>
                <tr><td>Torque</td><td class="num">× {{ $drawings->margin($row->assessment)->text ?: '–' }}</td></tr>
                <tr><td>Pedal effort</td><td class="num">{{ $row->effort() ?: 'not known' }}</td></tr>
                <tr><td>On the release</td><td>{{ implode(' ', $one->release()) }}</td></tr>
                <tr><td>Heat of a start</td><td class="num">{{ $row->heat() === '' ? 'not known' : $row->heat().' J/cm²' }}</td></tr>
                <tr><td>Character</td><td>{{ $row->character() ?: 'not known' }}</td></tr>
                <tr><td>Price of the job’s parts</td><td class="num">{{ $row->priceOfJob() ?: 'not said' }}</td></tr>
                <tr><td>To drive</td><td>{{ $one->life() }} @if (! $loop->first)<span
                    class="font-semibold">{{ $one->against($seen[0]) }}</span>@endif</td></tr>
                <tr><td>Days</td><td class="num">{{ $row->kit->lead_days ?? 'not said' }}</td></tr>
                <tr><td>In the box</td><td>{{ $row->values->word('kit.contents') ?? 'not said' }}</td></tr>
                <tr><td>Not said</td><td>{{ implode(', ', array_map(lcfirst(...), array_keys($one->unsaid()))) ?: 'nothing' }}</td></tr>
            </tbody></table>
            <p class="small">{{ $row->reason() }}</p>
            @include('kit.score', ['seen' => $one])
            <x-form :action="route('job.kit', $page->job)"><button class="btn" name="kit" value="{{ $row->kit->id }}"
                @disabled($page->job->isSigned() || $page->job->kitChoice?->kit_id === $row->kit->id)>{{
                $page->job->kitChoice?->kit_id === $row->kit->id ? 'Chosen' : 'Choose' }}<span
                class="sr-only"> {{ $row->kit->name }}</span></button></x-form>
        </section>
    @endforeach
</div>
