@piece('absent-noted', 'span', ['class' => 'small soft']){{ $at->absent === [] ? 'what you asked and the driver denied'
    : implode('; ', $at->absent) }}@endpiece
