@php([$lead, $cause, $builtIn] = [auth()->user()->can('set-shop-figures'), $book->cause, $book->builtIn])
<x-book at="evidence" :title="$cause->label">
    <p class="soft">Settled by {{ lcfirst($cause->settles) }}. Comes to: {{ lcfirst($cause->outcome->label()) }}. {{ $lead
        ? 'What differs from the built-in table is marked.' : 'Only the lead sets figures for the shop.' }}</p>
    <x-form :action="route('evidence.store', $cause->id)" class="grid gap-4">
        <div class="card"><label class="font-semibold">How common, beside the other causes <span
            class="small soft">built in {{ $builtIn->prior }}; from memory</span>
            <input class="plain" name="prior" value="{{ old('prior', $cause->prior) }}" maxlength="8" @disabled(! $lead)></label></div>
        @foreach ($book->evidence() as $group => $names)
            <fieldset class="card"><legend class="font-semibold float-left mb-2 w-full">{{ $group }}</legend>
                <div class="fields clear-both">
                    @foreach ($names as $name => $text)
                        @php([$now, $built] = [$cause->strength($name), $builtIn->strength($name)])
                        <label class="small">{{ $text }}@if ($now !== $built)<span
                            class="soft"> (built in: {{ $built->label() }})</span>@endif
                            @if ($book->seen($name) !== '')<span class="soft num">{{ $book->seen($name) }}</span>@endif
                            <select class="plain" name="strength[{{ $name }}]" @disabled(! $lead)>
                                @foreach ($book->strengths() as $strength)<option value="{{ $strength->value }}"
                                    @selected(old("strength.{$name}", $now->value)
                                    === $strength->value)>{{ $strength->label() }}</option>@endforeach
                            </select></label>
                    @endforeach
                </div>
            </fieldset>
        @endforeach
        @if ($lead)<div><button class="btn main">Set for the shop</button></div>@endif
    </x-form>
</x-book>
