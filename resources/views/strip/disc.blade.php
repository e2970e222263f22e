@php($key = fn (string $name): string => $part->value.'.'.$name)
{{-- The part is named above; both discs ask the same. --}}
@php($label = fn (string $name): string => Spindle\Assessment\Subjects::dictionary()->get('disc.'.$name)->label)
<div class="fig">
    <div class="top-of"><x-reading :entries="$entries" :key="$key('rivet_depth_flywheel')" :label="$label('rivet_depth_flywheel')" /></div>
    <div class="left-of">
        <x-reading :entries="$entries" :key="$key('thickness_new')" :label="$label('thickness_new')" />
        <x-reading :entries="$entries" :key="$key('usable_per_side')" :label="$label('usable_per_side')" />
    </div>
    @piece('draw-'.$part->value, 'div', ['class' => 'draw']) @include('figures.disc', ['part' => $part->value]) @endpiece
    <div class="right-of"><x-reading :entries="$entries" :key="$key('thickness')" :label="$label('thickness')" /></div>
    <div class="bottom-of">
        <x-reading :entries="$entries" :key="$key('rivet_depth_cover')" :label="$label('rivet_depth_cover')" />
        <x-reading :entries="$entries" :key="$key('runout')" :label="$label('runout')" />
        <x-reading :entries="$entries" :key="$key('hub_play')" :label="$label('hub_play')" />
        @if ($part === Spindle\Assessment\StripPart::Disc)<x-reading :entries="$entries" key="disc.oil" />@endif
    </div>
</div>
