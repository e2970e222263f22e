@piece('cautions', 'div')
    @foreach ($page->cautionsAt($station) as $caution)
        <x-caution>{{ $caution }}</x-caution>
    @endforeach
@endpiece
