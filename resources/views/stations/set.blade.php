@include('job.carried')
<x-station-form :page="$page" :station="$station">
    @if ($page->asksAny('truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'))
        <h2>Brake, bearing, fork, pedal</h2>
        <p class="soft small mb-2">The brake first: it is the reference.</p>
        <div class="fields card">
            @foreach (['truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'] as $key)
                <x-reading :page="$page" :key="$key" />
            @endforeach
        </div>
        <x-as-left :page="$page" part="truck" :keys="['truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal']">
            Adjusted, locked, then read all three once more. From then on only these count; what was found stays on the record.
        </x-as-left>
    @endif
    <h2>Release bearing</h2>
    <div class="fig plain-top">
        @piece('draw-clutch', 'div', ['class' => 'draw']) @include('figures.clutch') @endpiece
        <div class="bottom-of">
            <x-reading :page="$page" key="release.depth_to_fingers" />
            <x-reading :page="$page" key="release.bearing_height" />
            <x-reading :page="$page" key="release.finger_ratio" />
            <x-reading :page="$page" key="release.clearance_target" />
            <x-reading :page="$page" key="release.clearance" />
            <x-reading :page="$page" key="release.light_contact" />
            <x-reading :page="$page" key="release.slave_stroke_left" />
            <x-reading :page="$page" key="release.rod_adjustable" />
            <x-reading :page="$page" key="release.self_adjusting" />
            <x-reading :page="$page" key="release.shim_stock" />
        </div>
    </div>
    <h2>Pedal</h2>
    <div class="fig plain-top">
        @piece('draw-pedal', 'div', ['class' => 'draw']) @include('figures.pedal') @endpiece
        <div class="bottom-of">
            @foreach (['release.free_play', 'release.free_play_target', 'release.pedal_travel', 'release.pedal_ratio',
                'release.rod_pitch'] as $key)
                <x-reading :page="$page" :key="$key" />
            @endforeach
        </div>
    </div>
    <h2>From pedal to plate</h2>
    <p class="soft small mb-2">With the travel and these, the air gap, take-up and pedal force are worked out. A ratio can be found by
        moving one end a known amount and measuring the other.</p>
    <div class="fields card">
        @foreach (['release.linkage_ratio', 'release.master_bore', 'release.slave_bore', 'release.slave_outer', 'release.slave_inner',
            'release.stroke_loss', 'release.fork_ratio', 'release.cushion', 'release.cover_loss', 'release.efficiency'] as $key)
            <x-reading :page="$page" :key="$key" />
        @endforeach
    </div>
    @if ($page->asksAny('hydraulics.blocked_travel', 'hydraulics.blocked_pressure', 'hydraulics.proof'))
        <h2>Air in the line</h2>
        <div class="fields card">
            <x-reading :page="$page" key="hydraulics.blocked_travel" />
            <x-reading :page="$page" key="hydraulics.blocked_pressure" />
            <x-reading :page="$page" key="hydraulics.proof" />
        </div>
    @endif
</x-station-form>
