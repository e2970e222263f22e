@if ($d !== null)
    <svg viewBox="0 0 760 340" role="img" aria-label="The lining lasts {{ $d->usual }} as entered, {{ $d->at }} as it is shown here">
        <path class="ln" d="M90 20V170H710" fill="none"/>
        <path class="l-brass" d="{{ $d->curve }}" fill="none"/>
        <circle class="f-card ln" cx="{{ $d->usualX }}" cy="{{ $d->usualY }}" r="5"/>
        @if ($d->atX !== null)<path class="l-jade" d="M{{ $d->atX }} 170V{{ $d->atY }}"/><circle class="f-jade" cx="{{ $d->atX }}"
            cy="{{ $d->atY }}" r="6"/>@endif
        <text class="svg-t svg-soft" x="86" y="26" text-anchor="end">{{ $d->most }}</text>
        <text class="svg-t svg-soft" x="86" y="172" text-anchor="end">0</text>
        @foreach ($d->marks as $mark)<text class="svg-t svg-soft" x="{{ $mark['x'] }}" y="186" text-anchor="middle">{{ $mark['text']
            }}</text>@endforeach
        <text class="svg-t svg-soft" x="750" y="186" text-anchor="end">rpm</text>
        @foreach ($d->bars as $bar)
            <text class="svg-t" x="235" y="{{ $bar['y'] }}" text-anchor="end" dy="10">{{ $bar['label'] }}{{ $bar['far'] === '' ? ''
                : ': '.$bar['far'] }}</text>
            <rect class="f-steel" x="243" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}" height="12"/>
            <text class="svg-t" x="413" y="{{ $bar['y'] }}" dy="10">{{ $bar['said'] }}</text>
        @endforeach
    </svg>
@endif
