<x-station-form :page="$page" :station="$station">
    <div class="fig plain-top">
        @piece('draw-bench', 'div', ['class' => 'draw']) @include('drawings.bench') @endpiece
    </div>
    @include('stations.sections', ['sections' => $at->sections])
</x-station-form>
