{{-- The chain, with each ratio, bore and clearance as a field on the member it belongs to. --}}
<div class="chain-stage">
    @piece('draw-chain', 'div') @include('drawings.chain') @endpiece
    <div class="on-members">
        @foreach ($drawings->chain()->fields() as $key => $label)
            @reading($key, label: $label, how: false, instrument: false, class: $drawings->chain()->classOf($key))
        @endforeach
    </div>
</div>
