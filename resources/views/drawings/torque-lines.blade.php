@if ($s->engine !== null)
    <path class="ln" d="M{{ $s->engine }} {{ $top }}V{{ $bottom }}"/><text class="svg-t" x="{{ $s->engine }}" y="{{ $bottom + 18 }}"
        text-anchor="middle">engine {{ $s->engineText }}</text>
@endif
@if ($s->required !== null)
    <path class="l-jade" d="M{{ $s->required }} {{ $top - 10 }}V{{ $bottom - 10 }}"/><text class="svg-t" x="{{ $s->required }}"
        y="{{ $top - 14 }}" text-anchor="middle">wanted {{ $s->requiredText }}</text>
@endif
@if ($s->harsh !== null)
    <path class="l-brass" d="M{{ $s->harsh }} {{ $top }}V{{ $bottom }}" stroke-dasharray="6 4"/><text class="svg-t svg-soft"
        x="{{ $s->harsh }}" y="{{ $bottom + 18 }}" text-anchor="middle">harsh from {{ $s->harshText }}</text>
@endif
