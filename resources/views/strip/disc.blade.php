@php($key = fn (string $name): string => $part->value.'.'.$name)
{{-- The part is named above; both discs ask the same. --}}
@php($label = $at->ofDisc(...))
<div class="fig">
    <div class="top-of">@reading($key('rivet_depth_flywheel'), label: $label('rivet_depth_flywheel'))
        @reading($key('runout'), label: $label('runout'))</div>
    <div class="left-of">
        @reading($key('thickness_new'), label: $label('thickness_new'))
        @reading($key('usable_per_side'), label: $label('usable_per_side'))
    </div>
    @piece('draw-'.$part->value, 'div', ['class' => 'draw']) @include('drawings.disc', ['part' => $part->value]) @endpiece
    <div class="right-of">@reading($key('thickness'), label: $label('thickness'))</div>
    <div class="bottom-of">
        @reading($key('rivet_depth_cover'), label: $label('rivet_depth_cover'))
        @reading($key('hub_play'), label: $label('hub_play'))
        @if ($part->value === 'disc')
            @include('job.fields', ['keys' => $at->card('disc')->now])
            <div class="span">@include('job.more', ['fields' => $at->card('disc'), 'said' => 'Also read here'])</div>
        @endif
    </div>
</div>
