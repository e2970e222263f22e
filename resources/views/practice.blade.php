<x-layout title="Practice">
    <x-slot:what><strong>Practice</strong></x-slot:what>
    <main class="mx-auto blocks max-w-4xl p-4 practice" id="work">
        <h1 class="text-2xl font-bold">Practice bay</h1>
        <p>A vehicle with a fault that nobody told you. At the stations it is a job like any other: read it, take it apart, choose
            among kits, fit, set and prove. Or only look for the fault: ask, test, say what the job comes to. At the end: what it was,
            what it took against the proposals of triage and against habit, and what comes back.</p>
        <x-told :except="['seed']" />
        <form method="post" action="{{ route('practice.begin') }}" class="card grid gap-3">@csrf
            @if ($refused !== '' || $errors->has('seed'))<p class="refusal" role="alert">{{ $refused !== '' ? $refused.'.'
                : $errors->first('seed') }}</p>@endif
            <label>Vehicle, such as P-4711; left empty any one <input class="plain" name="seed" maxlength="12" autocomplete="off"
                value="{{ old('seed', request('vehicle', request('seed'))) }}"></label>
            @include('practice.how')
            <div class="mark-row"><button class="btn main" data-busy="Bringing it in …">To the stations</button> <button class="btn"
                formmethod="get" formaction="{{ route('practice') }}" formnovalidate>Only look for the fault</button></div>
        </form>
        @if ($own !== [])
            <section class="card"><h2 class="!mt-0">What you practised at the stations</h2>
                @includeWhen($progress !== null, 'drawings.progress')
                @include('practice.log', ['rows' => $own, 'leads' => true])
                <p class="small soft">It lies in a file of your own, apart from all real work: in no list, forecast, archive or backup, and
                    nobody else sees it but what you let the lead see.</p>
                <details><summary class="small py-2">Take all of it away, for good</summary>
                    <x-form :action="route('practice.erase')"><button class="btn">Take it away</button></x-form></details></section>
        @endif
        @if ($shown !== [])
            <section class="card"><h2 class="!mt-0">What others let you see, vehicle by vehicle</h2>
                @include('practice.log', ['rows' => $shown, 'leads' => false])</section>
        @endif
        <details class="card" id="set" @if ($set !== null || request('fault') !== null) open @endif>
            <summary class="font-semibold">Set one for others</summary>
            <form method="get" action="{{ route('practice') }}#set" class="grid gap-3">
                <p class="small soft">A number is looked for whose vehicle has the fault; it stands in no address that is handed out.</p>
                <label>Fault <select class="plain" name="fault">
                    @foreach ($causes as $id => $cause)<option value="{{ $id }}" @selected(request('fault') === $id)>{{ $cause->label
                        }}</option>@endforeach</select></label>
                <label>Build <select class="plain" name="build"><option value="">any of the kind</option>
                    @foreach ($builds as $build)<option @selected(request('build') === $build)>{{ $build
                        }}</option>@endforeach</select></label>
                @include('practice.how')
                <div><button class="btn" data-busy="Looking for one …">Look for one</button></div>
            </form>
            @if ($set !== null)
                <p class="notice">{{ ucfirst($set->build) }}, {{ $set->seed->code() }}: {{ implode(', and ', array_map(
                    fn ($cause) => lcfirst($cause->label), $set->causes)) }}. Hand out, to be worked at the stations: <a href="{{
                    $toStations }}">{{ $toStations }}</a>; only to look for the fault: <a href="{{ $handOut }}">{{ $handOut }}</a></p>
            @endif
        </details>
        <p><a class="link" href="{{ route('practice.ways') }}">Ways of several people, side by side</a></p>
        <p class="small soft">The same number is the same vehicle with the same fault: pass it on, and compare the ways. On a real vehicle
            the cautions of each test, the maker’s procedure and local rules go before anything said here.</p>
    </main>
</x-layout>
