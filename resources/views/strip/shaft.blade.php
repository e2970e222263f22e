<div class="fields card">
    <x-reading :page="$page" key="vehicle.spline_count" />
    <x-reading :page="$page" key="vehicle.spline_diameter" />
</div>
