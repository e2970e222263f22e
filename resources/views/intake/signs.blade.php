@piece('signs-noted', 'span', ['class' => 'small soft']){{ $at->signs === [] ? 'what the driver says; triage goes on from here'
    : implode('; ', $at->signs) }}@endpiece
