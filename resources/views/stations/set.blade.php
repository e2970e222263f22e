@include('job.carried')
@piece('draw-was-set', 'div') @include('drawings.was-set') @endpiece
<x-station-form :page="$page" :station="$station">
    @include('stations.sections', ['sections' => $at->sections])
</x-station-form>
