@piece('cautions', 'div')
    @foreach (Spindle\Assessment\Cautions::at($station, $page->sheet->vehicleClass()) as $caution)
        <x-caution>{{ $caution }}</x-caution>
    @endforeach
@endpiece
