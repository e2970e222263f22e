<figure class="band">
    <svg viewBox="0 0 320 44" role="img" aria-label="Wanted: {{ $band->said }}">
        <rect class="f-card" x="10" y="8" width="300" height="18"/>
        <rect class="f-jade" x="{{ $band->from }}" y="8" width="{{ $band->width() }}" height="18"/>
        @foreach ($band->marks as $x)<path class="ln-thick" d="M{{ $x }} 4V30"/>@endforeach
        @if ($band->least !== '')<text class="svg-t" x="{{ $band->from }}" y="42">{{ $band->least }}</text>@endif
        @if ($band->most !== '')<text class="svg-t" x="{{ $band->to }}" y="42" text-anchor="end">{{ $band->most }}</text>@endif
    </svg>
    <figcaption>Wanted: {{ $band->said }}</figcaption>
</figure>
