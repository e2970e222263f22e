<p class="small soft">{{ $at->accounted() }} of {{ count($at->steps()) }} done or accounted for.</p>
@foreach ($at->closedByBolts() as $field => $number)<span hidden data-closed="{{ $field }}" data-number="{{ $number }}"></span>@endforeach
