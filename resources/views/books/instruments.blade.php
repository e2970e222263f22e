@php($lead = auth()->user()->can('set-shop-figures'))
<x-book at="instruments" title="Instruments">
    <p class="soft">A reading nearer to its limit than its instrument can tell proves nothing either way: the verdict there is near.
        {{ $lead ? '' : 'Only the lead sets figures for the shop.' }}</p>
    <div class="card">
        <table class="jobs-table">
            <thead><tr><th scope="col">Instrument</th><th scope="col">Built in, ±</th><th scope="col">Mark</th>
                <th scope="col">The shop’s, ±</th></tr></thead>
            <tbody>
                @foreach ($book->instruments as $line)
                    @php($shop = $line->shop)
                    <tr>
                        <td><strong>{{ ucfirst($line->label) }}</strong></td>
                        <td class="num">{{ $line->builtIn }}</td>
                        <td class="small">{{ $line->founded }}</td>
                        <td>@if ($shop)<span class="num font-semibold">{{ $shop->value }}</span> <span
                            class="small soft">{{ $shop->by_name }}</span>@else<span class="soft small">none</span>@endif
                            @if ($lead)
                                <x-form :action="route('instruments.store')" class="mark-row">
                                    <input type="hidden" name="instrument" value="{{ $line->kind->value }}">
                                    <label class="small"><span class="sr-only">Uncertainty of the {{ $line->label }}</span><input
                                        class="plain" name="uncertainty" maxlength="40"
                                        value="{{ old('instrument') === $line->kind->value ? old('uncertainty')
                                        : ($shop->value ?? '') }}"></label>
                                    <button class="btn">Set<span class="sr-only"> for the {{ $line->label }}</span></button>
                                </x-form>
                            @endif
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <section class="card"><h2>Instruments that send by themselves</h2>
        <p class="small soft">Each has a token of its own. A reading goes to the field that somebody armed for it and to no other; the way
            in stands in docs/instruments.md. <a href="{{ route('devices.simulated') }}">A simulated one</a></p>
        @if (session('token'))<p class="notice" role="status">Token of {{ session('token')[0] }}, shown this once: <code
            class="num">{{ session('token')[1] }}</code></p>@endif
        <ul class="plain-list">
            @foreach ($devices as $device)
                <li><span class="font-semibold">{{ $device->name }}</span> <span class="small soft">{{ $device->instrument->label()
                    }}, given by {{ $device->by_name }}</span>
                    @if ($lead)<x-form :action="route('devices.revoke', $device)" class="inline"><button class="link small">Take its token
                        back<span class="sr-only"> from {{ $device->name }}</span></button></x-form>@endif</li>
            @endforeach
        </ul>
        @if ($lead)
            <x-form :action="route('devices.store')" class="mark-row" :refused="['name', 'instrument']">
                <label>Name <input class="plain" name="name" maxlength="60"></label>
                <label>Kind <select class="plain" name="instrument">@foreach ($book->instruments as $line)<option value="{{
                    $line->kind->value }}">{{ ucfirst($line->label) }}</option>@endforeach</select></label>
                <button class="btn">Give it a token</button>
            </x-form>
        @endif
        @if ($came->isNotEmpty())
            <table class="jobs-table dense small"><caption class="sr-only">What came last</caption><thead><tr><th scope="col">When</th><th
                scope="col">From</th><th scope="col">Sent</th><th scope="col">What became of it</th></tr></thead><tbody>
                @foreach ($came as $reading)<tr><td>@moment($reading->at)</td><td>{{ $reading->device->name
                    }}</td><td class="num">{{ $reading->text }}</td><td class="wrap">{{ $reading->outcome === 'taken' ? 'entered'
                    : $reading->said }}</td></tr>@endforeach
            </tbody></table>
        @endif
    </section>
    @include('books.changes', ['emptied' => 'built in again'])
</x-book>
