<div class="fig plain-top">
    <div class="face">
        @foreach (array_combine(Spindle\Inspection\Flywheel\FaceDial::CLOCK,
            Spindle\Inspection\Flywheel\FlywheelFields::dialKeys()) as $clock => $key)
            <div class="at-{{ str_replace(':', '-', $clock) }}"><x-reading :entries="$entries" :key="$key" :instrument="false" :how="false"
                /></div>
        @endforeach
        @piece('draw-face', 'div', ['class' => 'draw']) @include('figures.face') @endpiece
    </div>
    <div class="bottom-of">
        <x-reading :entries="$entries" key="flywheel.face_runout" />
        <x-reading :entries="$entries" key="flywheel.measuring_diameter" />
        <x-reading :entries="$entries" key="flywheel.flatness" />
    </div>
    <div class="marks-of">@include('strip.marks', ['part' => 'flywheel'])</div>
</div>
<div class="fig mt-3">
    <div class="left-of">
        @foreach (['flywheel.thickness', 'flywheel.thickness_min', 'flywheel.free_play', 'flywheel.rock'] as $key)
            <x-reading :entries="$entries" :key="$key" />
        @endforeach
    </div>
    @piece('draw-flywheel', 'div', ['class' => 'draw']) @include('figures.flywheel') @endpiece
    <div class="right-of">
        <x-reading :entries="$entries" key="flywheel.machined" />
        <x-reading :entries="$entries" key="flywheel.crack_depth" />
        <x-reading :entries="$entries" key="flywheel.scoring_depth" />
    </div>
    <div class="bottom-of">
        @foreach (['flywheel.pot_depth', 'flywheel.pot_depth_wanted', 'flywheel.mounting_cut', 'flywheel.bolt_torque',
            'flywheel.school'] as $key)
            <x-reading :entries="$entries" :key="$key" />
        @endforeach
    </div>
</div>
