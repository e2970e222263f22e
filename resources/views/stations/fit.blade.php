@include('job.carried')
@include('job.asked')
<x-station-form :page="$page" :station="$station">
    @include('stations.sections', ['sections' => $at->sections])
</x-station-form>
