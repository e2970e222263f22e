{{-- A dimension line of a drawing, its extension lines and arrows. Too short for arrows inside, they stand outside and point in. --}}
@props(['from', 'to', 'at', 'reach', 'vertical' => false])
@php([$first, $last, $size] = [min($from, $to), max($from, $to), 12])
@php($outside = $last - $first < 2.5 * $size)
@php($head = $outside ? -$size : $size)
@php($out = $outside ? 2 * $size : 0)
@foreach ($reach as [$start, $end])
    <path class="dim" d="{{ $vertical
        ? 'M'.$start.' '.($loop->first ? $first : $last).'H'.$end
        : 'M'.($loop->first ? $first : $last).' '.$start.'V'.$end }}"/>
@endforeach
@if ($vertical)
    <path class="dim" d="M{{ $at }} {{ $first - $out }}V{{ $last + $out }}"/>
    <path class="dimf" d="M{{ $at }} {{ $first }}l-5 {{ $head }}h10zM{{ $at }} {{ $last }}l-5 {{ -$head }}h10z"/>
@else
    <path class="dim" d="M{{ $first - $out }} {{ $at }}H{{ $last + $out }}"/>
    <path class="dimf" d="M{{ $first }} {{ $at }}l{{ $head }} -5v10zM{{ $last }} {{ $at }}l{{ -$head }} -5v10z"/>
@endif
