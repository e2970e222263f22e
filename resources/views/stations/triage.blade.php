<x-station-form :page="$page" :station="$station">
    <div class="card">@piece('draw-triage', 'div', ['class' => 'draw']) @include('drawings.triage') @endpiece</div>
    @include('job.asked')
    <div class="fields card">
        @foreach (['triage.kind', 'triage.repaired', 'triage.referred'] as $key)
            @reading($key, live: true)
        @endforeach
    </div>
    @include('stations.sections', ['sections' => $at->sections])
</x-station-form>
