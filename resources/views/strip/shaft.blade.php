<div class="fields card">
    <x-reading :entries="$entries" key="vehicle.spline_count" />
    <x-reading :entries="$entries" key="vehicle.spline_diameter" />
</div>
