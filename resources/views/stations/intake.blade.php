<x-station-form :bench="$bench" :station="$station">
    <div class="fields card">
        <x-reading class="span" :bench="$bench" key="complaint" />
        @foreach (['vehicle.name', 'vehicle.plate', 'vehicle.number', 'vehicle.class', 'vehicle.actuation', 'vehicle.flywheel', 'vehicle.engine', 'vehicle.gearbox'] as $key)
            <x-reading :bench="$bench" :key="$key" />
        @endforeach
        <x-reading :bench="$bench" key="distance_since_fitted" />
        @if (! $bench->sheet->vehicleClass()?->isLight())
            <x-reading :bench="$bench" key="time_since_fitted" />
        @endif
    </div>
    <h2>For the kit that shall fit</h2>
    <div class="fields card">
        @foreach (['vehicle.spline_count', 'vehicle.spline_diameter', 'vehicle.friction_outer'] as $key)
            <x-reading :bench="$bench" :key="$key" />
        @endforeach
    </div>
</x-station-form>
