@include('job.carried')
<x-station-form :page="$page" :station="$station">
    @include('stations.sections', ['sections' => $at->sections])
</x-station-form>
