<div class="fields card">
    <x-reading :bench="$bench" key="vehicle.spline_count" />
    <x-reading :bench="$bench" key="vehicle.spline_diameter" />
</div>
