<nav id="parts" class="parts" aria-label="Parts" @if ($oob ?? false) hx-swap-oob="true" @endif>
    @foreach (Spindle\JobSheet\StripPart::on($bench->sheet) as $part)
        @php($verdict = $part->verdict($bench->sheet, $bench->assessment))
        <a href="#part-{{ $part->value }}" class="v-{{ $verdict->value }}"><x-mark :verdict="$verdict" /><span>{{ $part->label($bench->sheet) }}<span class="sr-only">: {{ $part->status($bench->sheet, $bench->assessment) }}</span></span></a>
    @endforeach
    <a href="#why"><span>Why it failed</span></a><a href="#open"><span>Replace while open</span></a>
</nav>
