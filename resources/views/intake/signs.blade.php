@php($signs = array_map(fn ($sign) => Spindle\Triage\Signs::all()[$sign] ?? $sign, $page->values()->words('triage.signs')))
@piece('signs-noted', 'span', ['class' => 'small soft']){{ $signs === [] ? 'what the driver says; triage goes on from here'
    : implode('; ', $signs) }}@endpiece
