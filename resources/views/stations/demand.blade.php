<x-station-form :page="$page" :station="$station">
    <div class="fig plain-top">
        @piece('draw-demand', 'div', ['class' => 'draw']) @include('figures.demand') @endpiece
    </div>
    <h2>Engine</h2>
    <p class="soft small mb-2">Peak torque, or power with the speed it is made at, or the curve. Peak torque is what counts, not peak
        power.</p>
    <div class="fields card">
        @foreach (['engine.peak_torque', 'engine.power', 'engine.power_speed', 'engine.measured_at', 'engine.driveline_loss',
            'engine.uplift', 'engine.speed_limit', 'duty'] as $key)
            <x-reading :page="$page" :key="$key" />
        @endforeach
        <x-reading class="span" :page="$page" key="engine.curve" />
    </div>
    <h2>Heat of a start</h2>
    <p class="soft small mb-2">Worked out once mass, wheel, ratio and load are there. A heavy vehicle slips its clutch longer at every
        start.</p>
    <div class="fields card">
        @foreach (['launch.vehicle_mass', 'launch.rolling_radius', 'launch.ratio', 'launch.engine_speed', 'launch.load_torque',
            'launch.plate_mass'] as $key)
            <x-reading :page="$page" :key="$key" />
        @endforeach
    </div>
</x-station-form>
