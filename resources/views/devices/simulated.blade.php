<x-book at="instruments" title="Simulated instruments">
    <p>An instrument that is not there, for trying things out. Put the cursor into a field of a job in another window, then let it read: it
        types there as an instrument does that behaves like a keyboard. With a token it sends as one does that talks by itself.</p>
    <form class="card fields" id="simulated" data-read="{{ route('devices.read') }}" data-send="{{ route('readings') }}">
        @csrf
        <label>Instrument <select class="plain" name="kind">@foreach ($kinds as $word => $label)<option value="{{ $word }}">{{ $label
            }}</option>@endforeach</select></label>
        <label>True value, in its own unit <input class="plain" name="true" inputmode="decimal" value="7.30" maxlength="12"></label>
        <label>Token, where it sends by itself <input class="plain" name="token" autocomplete="off" maxlength="200"></label>
        <p><button class="btn main" name="way" value="keys">Read and type it</button> <button class="btn" name="way" value="token">Read and
            send it</button></p>
        <p class="num" role="status" data-display>&nbsp;</p>
    </form>
</x-book>
