<x-layout title="Practice">
    <x-slot:what><strong>Practice</strong></x-slot:what>
    <main class="mx-auto grid max-w-4xl gap-4 p-4 practice" id="work">
        <h1 class="text-2xl font-bold">Practice bay</h1>
        <p>A vehicle with a fault that nobody told you. Ask the customer, test from outside, say what the job comes to; where the
            gearbox comes off, look at the parts and say what is renewed. Then see what it was, what it took against the proposals of
            triage and against habit, and what comes back. Nothing of it is kept, and none of it is a real
            vehicle.</p>
        <form method="get" action="{{ route('practice') }}" class="card grid gap-3">
            @if ($refused !== '')<p class="refusal" role="alert">{{ $refused }}.</p>@endif
            <label>Vehicle, such as P-4711; left empty any one <input class="plain" name="seed" maxlength="12" autocomplete="off"
                value="{{ request('seed') }}"></label>
            @include('practice.how')
            <div><button class="btn main">Go to the vehicle</button></div>
        </form>
        <details class="card" id="set" @if ($set !== null || request('fault') !== null) open @endif>
            <summary class="font-semibold">Set one for others</summary>
            <form method="get" action="{{ route('practice') }}#set" class="grid gap-3">
                <p class="small soft">A number is looked for whose vehicle has the fault; it stands in no address that is handed out.</p>
                <label>Fault <select class="plain" name="fault">
                    @foreach ($causes as $id => $cause)<option value="{{ $id }}" @selected(request('fault') === $id)>{{ $cause->label
                        }}</option>@endforeach</select></label>
                @include('practice.how')
                <div><button class="btn" data-busy="Looking for one …">Look for one</button></div>
            </form>
            @if ($set !== null)
                <p class="notice">{{ ucfirst($set->build) }}, {{ $set->seed->code() }}: {{ implode(', and ', array_map(
                    fn ($cause) => lcfirst($cause->label), $set->causes)) }}. Hand out: <a href="{{ $handOut }}">{{ $handOut }}</a></p>
            @endif
        </details>
        <p><a class="link" href="{{ route('practice.ways') }}">Ways of several people, side by side</a></p>
        <p class="small soft">The same number is the same vehicle with the same fault: pass it on, and compare the ways. On a real vehicle
            the cautions of each test, the maker’s procedure and local rules go before anything said here.</p>
    </main>
</x-layout>
