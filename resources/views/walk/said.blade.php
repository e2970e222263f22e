<div class="step-said" id="said-{{ $card->id() }}" data-verdict="{{ $card->verdict()->value }}" role="status"
    @if ($answers ?? false) hx-swap-oob="true" @endif>
    <input type="hidden" name="once" value="{{ $once }}">
    @if ($card->isTaken())
        @foreach ($card->findings() as $finding)
            <p>@mark($finding->verdict) <span>{{ $finding->say($walk->job()->display) }}</span></p>
        @endforeach
        @if ($card->findings() === [] && $card->bolts === null)
            <p><span>Kept.@if ($card->waitsFor() !== '') Judged once there is: {{ $card->waitsFor() }}.@endif</span></p>
        @endif
    @endif
</div>
