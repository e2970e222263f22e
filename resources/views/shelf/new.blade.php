@php($data = $kit?->detail?->data ?? [])
<x-book at="shelf" :title="$kit === null ? 'A kit entered by hand' : 'Correct '.$kit->name">
    <form method="post" action="{{ route('shelf.store') }}" class="grid gap-3">
        @csrf
        <p class="soft">What is not known stays empty; nothing is taken for granted of it. Quantities with their unit: 240 mm, 6.2 kN,
            1-1/8 in.</p>
        <label>Supplier <input class="plain" name="supplier" list="suppliers" required maxlength="100"
            value="{{ old('supplier', $kit?->supplier?->name) }}"></label>
        <datalist id="suppliers">@foreach ($suppliers as $name)<option value="{{ $name }}">@endforeach</datalist>
        <div class="hand-entry">
            @foreach ($columns as $name => $field)
                @php([$now] = [old("kit.{$name}", is_array($data[$name] ?? '')
                    ? implode(';', $data[$name]) : ($data[$name] ?? ''))])
                <label class="small">{{ $field->label }}
                    @if ($field->kind === $field->kind::Word)
                        <select class="plain" name="kit[{{ $name }}]"><option value="">not known</option>
                            @foreach ($field->options as $word => $label)
                                <option value="{{ $word }}" @selected($now === (string) $word)>{{ $label }}</option>
                            @endforeach</select>
                    @else
                        <input class="plain" name="kit[{{ $name }}]" value="{{ $now }}" maxlength="400"
                            @if ($field->how !== '') title="{{ $field->how }}" @endif>
                    @endif
                    @error("kit.{$name}")<span class="refusal" role="alert">{{ $message }}</span>@enderror
                </label>
            @endforeach
        </div>
        <p><button class="btn main">Put it on the shelf</button></p>
    </form>
</x-book>
