<div class="fields card">
    @reading('vehicle.spline_count')
    @reading('vehicle.spline_diameter')
</div>
