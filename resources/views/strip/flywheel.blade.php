<div class="fig plain-top">
    <div class="face">
        @foreach (array_combine(Spindle\Inspection\Flywheel\FaceDial::CLOCK,
            Spindle\Inspection\Flywheel\FlywheelFields::dialKeys()) as $clock => $key)
            <div class="at-{{ str_replace(':', '-', $clock) }}"><x-reading :page="$page" :key="$key" :instrument="false" :how="false"
                /></div>
        @endforeach
        @piece('draw-face', 'div', ['class' => 'draw']) @include('figures.face') @endpiece
    </div>
    <div class="bottom-of">
        <x-reading :page="$page" key="flywheel.face_runout" />
        <x-reading :page="$page" key="flywheel.measuring_diameter" />
        <x-reading :page="$page" key="flywheel.flatness" />
    </div>
    <div class="marks-of">@include('strip.marks', ['part' => 'flywheel'])</div>
</div>
<div class="fig mt-3">
    <div class="left-of">
        @foreach (['flywheel.thickness', 'flywheel.thickness_min', 'flywheel.free_play', 'flywheel.rock'] as $key)
            <x-reading :page="$page" :key="$key" />
        @endforeach
    </div>
    @piece('draw-flywheel', 'div', ['class' => 'draw']) @include('figures.flywheel') @endpiece
    <div class="right-of">
        <x-reading :page="$page" key="flywheel.machined" />
        <x-reading :page="$page" key="flywheel.crack_depth" />
        <x-reading :page="$page" key="flywheel.scoring_depth" />
    </div>
    <div class="bottom-of">
        @foreach (['flywheel.pot_depth', 'flywheel.pot_depth_wanted', 'flywheel.mounting_cut', 'flywheel.bolt_torque',
            'flywheel.school'] as $key)
            <x-reading :page="$page" :key="$key" />
        @endforeach
    </div>
</div>
