<x-layout title="New job">
    <x-slot:what><strong>New job</strong></x-slot:what>
    <main class="mx-auto blocks max-w-2xl p-4" id="work">
        <h1 class="text-2xl font-bold">New job</h1>
        <x-told />
        <x-form :action="route('job.store')" class="card grid gap-3">
            @if ($known !== null)
                <div class="notice grid gap-3" role="alert"><p>{{ $known->plate !== '' ? "This plate is {$known->plate}"
                    : "This number is {$known->number}" }}, {{ $known->name }}. You typed {{ old('name') }}. Open the job there?</p>
                    <div class="mark-row"><button class="btn main" name="same" value="yes" data-default>Yes, it is the {{ $known->name
                        }}</button><button class="btn" name="same" value="no">No, another vehicle has this plate now</button></div></div>
            @endif
            @if ($open !== null)
                <div class="notice grid gap-3" role="alert"><p>{{ $open->vehicle->name }} has a job that is open: {{ $open->label()
                    }}, since @date($open->created_at). A second one would go on beside it.</p>
                    @if (old('same') === 'yes')<input type="hidden" name="same" value="yes">@endif
                    <div class="mark-row"><a class="btn main" href="{{ route('job', $open) }}">Go on with {{ $open->label() }}</a><button
                        class="btn" name="another" value="yes">Open another beside it</button></div></div>
            @endif
            <input type="hidden" name="from_register" value="{{ old('from_register') }}">
            <label class="font-semibold">Plate
                <input class="plain" name="plate" value="{{ old('plate') }}" maxlength="30" @if ($known === null) autofocus @endif></label>
            <label class="font-semibold">Identification number <span class="soft small">where there is no plate</span>
                <input class="plain" name="number" value="{{ old('number') }}" maxlength="40"></label>
            @if (config('spindle.register') !== 'none')
                <div><button class="btn" formaction="{{ route('register.ask') }}" formnovalidate
                    data-busy="Asking the register …">Ask the register</button>
                    @if (config('spindle.demo'))<span
                        class="small soft">Simulated. It knows RD 418 VA, MR 512 E and T 331 BO; LT 200 S answers late, LT 900 S too late,
                            OF 100 F not at all.</span>@endif</div>
            @endif
            <label class="font-semibold">Vehicle <span class="soft small">make and model as the shop calls it</span>
                <input class="plain" name="name" value="{{ old('name') }}" maxlength="200" required></label>
            <fieldset><legend class="font-semibold">Class</legend>
                <div class="flex flex-wrap gap-x-6 ticks">
                    @foreach ($classes as $class)
                        <label><input type="radio" name="class"
                            value="{{ $class->value }}" required @checked(old('class') === $class->value)> {{ $class->label() }}</label>
                    @endforeach
                </div>
            </fieldset>
            <fieldset><legend class="font-semibold">Units first shown</legend>
                <div class="flex flex-wrap gap-x-6 ticks">
                    @foreach (['metric' => 'Millimetres, N·m', 'inch' => 'Inches, lbf·ft'] as $value => $text)
                        <label><input type="radio" name="units" value="{{ $value }}" required
                            @checked(old('units', 'metric') === $value)> {{ $text }}</label>
                    @endforeach
                </div>
            </fieldset>
            @if ($known === null)<div><button class="btn main" data-default>Open the job</button></div>@endif
        </x-form>
    </main>
</x-layout>
