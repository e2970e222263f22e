@props(['at'])
<nav class="flex flex-wrap gap-2" aria-label="Books">
    @foreach (['limits' => 'Limits', 'models' => 'Makers’ figures by model', 'instruments' => 'Instruments', 'evidence'
        => 'Evidence of triage', 'rules' => 'Linings, duties, ranking', 'shelf' => 'Shelf of kits'] as $route => $title)
        <a class="btn" href="{{ route($route) }}" @if ($route === $at) aria-current="page" @endif>{{ $title }}</a>
    @endforeach
</nav>
