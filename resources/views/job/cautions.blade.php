<div id="cautions" @if ($oob ?? false) hx-swap-oob="true" @endif>
    @foreach (Spindle\JobSheet\Cautions::at($station, $bench->sheet->vehicleClass()) as $caution)
        <x-caution>{{ $caution }}</x-caution>
    @endforeach
</div>
