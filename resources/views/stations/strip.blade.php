<x-station-form :bench="$bench" :station="$station">
    <h2>Disc</h2>
    <div class="fig">
        <div class="top-of"><x-reading :bench="$bench" key="disc.rivet_depth_flywheel" /></div>
        <div class="left-of">
            <x-reading :bench="$bench" key="disc.thickness_new" />
            <x-reading :bench="$bench" key="disc.usable_per_side" />
        </div>
        <div class="draw" id="draw-disc">@include('figures.disc')</div>
        <div class="right-of"><x-reading :bench="$bench" key="disc.thickness" /></div>
        <div class="bottom-of">
            <x-reading :bench="$bench" key="disc.rivet_depth_cover" />
            <x-reading :bench="$bench" key="disc.runout" />
            <x-reading :bench="$bench" key="disc.hub_play" />
        </div>
    </div>
    <x-reading class="mt-3" :bench="$bench" key="disc.conditions" />

    <h2>Flywheel</h2>
    <div class="fig">
        <div class="left-of">
            <x-reading :bench="$bench" key="flywheel.thickness" />
            @if ($bench->sheet->flywheel()?->value === 'dual_mass')
                <x-reading :bench="$bench" key="flywheel.free_play" />
                <x-reading :bench="$bench" key="flywheel.rock" />
            @else
                <x-reading :bench="$bench" key="flywheel.thickness_min" />
                <x-reading :bench="$bench" key="flywheel.machined" />
            @endif
        </div>
        <div class="draw" id="draw-flywheel">@include('figures.flywheel')</div>
        <div class="right-of">
            <x-reading :bench="$bench" key="flywheel.face_runout" />
            <x-reading :bench="$bench" key="flywheel.measuring_diameter" />
        </div>
        <div class="bottom-of"><x-reading :bench="$bench" key="flywheel.flatness" />@if ($bench->sheet->flywheel()?->value !== 'dual_mass')<x-reading :bench="$bench" key="flywheel.school" />@endif</div>
    </div>
    <x-reading class="mt-3" :bench="$bench" key="flywheel.conditions" />

    <h2>Cover, pilot, bearing</h2>
    <div class="fields card">
        @foreach (['cover.flatness', 'cover.finger_wear', 'cover.finger_heights', 'pilot.play'] as $key)
            <x-reading :bench="$bench" :key="$key" />
        @endforeach
        @foreach (['cover.conditions', 'pilot.conditions', 'bearing.conditions'] as $key)
            <x-reading class="span" :bench="$bench" :key="$key" />
        @endforeach
    </div>

    <h2>Replace it while it is open?</h2>
    <p class="small soft mb-2">With labour, rate, and a part’s look and price the sum stands in the tell-tale. You decide.</p>
    <div class="fields card">
        <x-reading :bench="$bench" key="open.labour" />
        <x-reading :bench="$bench" key="open.rate" />
        @foreach (Spindle\JobSheet\Fields\OpenPartFields::parts() as $part => $label)
            <div class="span grid gap-x-4 sm:grid-cols-3">
                <x-reading :bench="$bench" :key="'open.'.$part.'_state'" />
                <x-reading :bench="$bench" :key="'open.'.$part.'_price'" />
                <x-reading :bench="$bench" :key="'open.'.$part.'_chance'" />
            </div>
        @endforeach
    </div>
</x-station-form>
