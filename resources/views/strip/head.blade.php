@php($verdict = $part->verdict($bench->sheet, $bench->assessment))
<span class="part-head v-{{ $verdict->value }}" id="head-{{ $part->value }}" @if ($oob ?? false) hx-swap-oob="true" @endif>
    <x-mark :verdict="$verdict" /><span class="part-name">{{ $part->label($bench->sheet) }}</span>
    <span class="small soft">{{ $part->status($bench->sheet, $bench->assessment) }}</span>
</span>
