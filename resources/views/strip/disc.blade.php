@php($key = fn (string $name): string => $part->value.'.'.$name)
<div class="fig">
    <div class="top-of"><x-reading :bench="$bench" :key="$key('rivet_depth_flywheel')" /></div>
    <div class="left-of">
        <x-reading :bench="$bench" :key="$key('thickness_new')" />
        <x-reading :bench="$bench" :key="$key('usable_per_side')" />
    </div>
    <div class="draw" id="draw-{{ $part->value }}">@include('figures.disc', ['part' => $part->value])</div>
    <div class="right-of"><x-reading :bench="$bench" :key="$key('thickness')" /></div>
    <div class="bottom-of">
        <x-reading :bench="$bench" :key="$key('rivet_depth_cover')" />
        <x-reading :bench="$bench" :key="$key('runout')" />
        <x-reading :bench="$bench" :key="$key('hub_play')" />
        @if ($part === Spindle\JobSheet\StripPart::Disc)<x-reading :bench="$bench" key="disc.oil" />@endif
    </div>
</div>
