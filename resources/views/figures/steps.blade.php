@php($steps = Spindle\Fitting\FittingStep::of($page->sheet))
@php($state = fn ($step) => $page->values()->word(Spindle\Fitting\FittingFields::key($step)))
<p class="small soft">{{ count(array_filter($steps, fn ($s) => $state($s) !== null)) }} of {{ count($steps) }} done or accounted for.</p>
