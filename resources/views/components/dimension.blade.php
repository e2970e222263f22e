@foreach ($reach as [$start, $end])
    <path class="dim" d="{{ $vertical
        ? 'M'.$start.' '.($loop->first ? $first : $last).'H'.$end
        : 'M'.($loop->first ? $first : $last).' '.$start.'V'.$end }}"/>
@endforeach
@if ($vertical)
    <path class="dim" d="M{{ $at }} {{ $starts }}V{{ $ends }}"/>
    <path class="dimf" d="M{{ $at }} {{ $first }}l-5 {{ $head }}h10zM{{ $at }} {{ $last }}l-5 {{ $tail }}h10z"/>
@else
    <path class="dim" d="M{{ $starts }} {{ $at }}H{{ $ends }}"/>
    <path class="dimf" d="M{{ $first }} {{ $at }}l{{ $head }} -5v10zM{{ $last }} {{ $at }}l{{ $tail }} -5v10z"/>
@endif
