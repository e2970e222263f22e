<p class="small soft">{{ $at->accounted() }} of {{ count($at->steps()) }} done or accounted for.</p>
