<x-layout title="Take in a file">
    <x-slot:what><strong>Take in a job sheet</strong></x-slot:what>
    <main class="mx-auto blocks max-w-2xl p-4" id="work">
        <h1 class="text-2xl font-bold">Take in a job sheet</h1>
        <x-form :action="route('import.store')" :refused="['file']" enctype="multipart/form-data" class="card grid gap-3">
            <label class="font-semibold">Open job sheet (JSON)
                <input class="plain" type="file" name="file" accept=".json,application/json" required></label>
            @if (session('same'))
                <div class="ticks"><label><input type="checkbox" name="same" value="1" required> It is the same vehicle under another
                    name</label></div>
            @endif
            <p class="small soft">Limits, rules and makers’ figures in it count once the lead takes them over.</p>
            <p class="small soft">Names this application does not know are kept and given back. A signed sheet stays locked as it came.</p>
            <div><button class="btn main">Take it in</button></div>
        </x-form>
    </main>
</x-layout>
