@php($d = $drawings->engine())
<svg viewBox="0 0 680 240" role="group" aria-label="Engine torque {{ $d->lines['engine'][1] ?? 'not known' }}, wanted from the clutch {{
    $d->lines['wanted'][1] ?? 'not known' }}" class="curve">
    <path class="ln" d="M60 208H650M60 20V208" fill="none"/>
    @if ($d->range !== null)
        <rect class="f-band" x="60" y="{{ $d->range[0] }}" width="590" height="{{ $d->range[1] }}"/>
        <text class="svg-t svg-soft" x="640" y="{{ $d->range[0] + 14 }}" text-anchor="end">here the peak lies; enter it or the curve</text>
    @endif
    @foreach ($d->lines as $name => [$y, $text, $saidAt])
        @continue($name === 'engine' && $d->curve !== '')
        @continue($name === 'before' && $d->before !== '')
        <path class="{{ $name === 'wanted' ? 'l-jade' : ($name === 'harsh from' ? 'l-brass' : 'ln') }}" d="M60 {{ $y }}H650"
            @if ($name === 'harsh from') stroke-dasharray="6 4" @endif fill="none"/>
        <text class="svg-t" x="66" y="{{ $saidAt }}">{{ $name }} {{ $text }}</text>
    @endforeach
    @if ($d->before !== '')<path class="ln" d="{{ $d->before }}" fill="none" stroke-dasharray="3 4"/>@endif
    @if ($d->curve !== '')<path class="ln" d="{{ $d->curve }}" fill="none" stroke-width="3"/>@endif
    @foreach ($d->speeds as [$x, $text])<text class="svg-t svg-soft" x="{{ $x }}" y="226" text-anchor="middle">{{ $text }}</text>@endforeach
    @foreach ($d->points as $i => $p)
        <circle class="f-steel curve-point" cx="{{ $p['x'] }}" cy="{{ $p['y'] }}" r="7" @unless ($page->job->isSigned()) tabindex="0"
            @endunless role="slider" data-point="{{ $i }}" data-speed="{{ $p['speed'] }}" data-torque="{{ $p['torque'] }}"
            aria-label="Point {{ $i + 1 }}" aria-valuenow="{{ $p['torqueSaid'] }}" aria-valuetext="{{ $p['torqueSaid'] }} N·m at {{
            $p['speedSaid'] }} rpm"/>
    @endforeach
    @if ($d->lines === [] && $d->curve === '')<text class="svg-t svg-soft" x="350" y="110" text-anchor="middle">Engine torque not known
        yet</text>@endif
</svg>
@php($branches = $drawings->branches())
@if ($branches !== [])
    <svg viewBox="0 0 680 116" role="img" aria-label="Each disc against its own branch">
        @foreach ($branches as $bar)
            @php($y = $loop->first ? 6 : 62)
            <text class="svg-t" x="4" y="{{ $y + 26 }}">{{ $bar->name }}</text>
            @if ($bar->asked !== null)<rect class="f-gone" x="130" y="{{ $y }}" width="{{ $bar->asked }}" height="20"/><text class="svg-t"
                x="{{ 136 + $bar->asked }}" y="{{ $y + 15 }}">asked {{ $bar->askedSaid }}</text>@endif
            @if ($bar->carried !== null)<rect class="f-steel" x="130" y="{{ $y + 24 }}" width="{{ $bar->carried }}" height="20"/><text
                class="svg-t" x="{{ 136 + $bar->carried }}" y="{{ $y + 39 }}">carries {{ $bar->carriedSaid }}</text>
            @else<text class="svg-t svg-soft" x="136" y="{{ $y + 39 }}">no kit chosen</text>@endif
        @endforeach
    </svg>
@endif
