<div class="parts">
    @include('stations.lines')
</div>
