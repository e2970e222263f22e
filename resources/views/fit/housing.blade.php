<p class="small soft mb-2">A dial on the crankshaft, swept round the bore and over the face, evenly spaced, seen from the gearbox.</p>
<div class="card bolt-body">
    @piece('draw-housing', 'div') @include('drawings.housing') @endpiece
    <div class="fields">@foreach ($keys as $key)@reading($key)@endforeach</div>
</div>
