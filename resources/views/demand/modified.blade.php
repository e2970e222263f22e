<div class="fields card">
    @reading('engine.curve_before', class: 'span')
    @reading('demand.reserve_wanted')@reading('demand.reserve_reason')
</div>
