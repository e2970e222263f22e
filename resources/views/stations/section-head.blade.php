@include('job.part-head', ['id' => $section->id(), 'head' => $sections->head($section)])
