{{-- The lines of the sections, each sent where it has changed. --}}
@foreach ($at->sections->all as $section)
    @includeWhen($pieces->wants('head-'.$section->id(), $at->sections->head($section)->madeFrom()), 'stations.section-head',
        ['sections' => $at->sections])
@endforeach
