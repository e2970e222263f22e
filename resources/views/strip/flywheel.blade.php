<div class="fig plain-top">
    <div class="face">
        @foreach ($at->dial() as $clock => $key)
            <div class="at-{{ str_replace(':', '-', $clock) }}">@reading($key, instrument: false, how: false)</div>
        @endforeach
        @piece('draw-face', 'div', ['class' => 'draw']) @include('drawings.face') @endpiece
    </div>
    <div class="bottom-of">
        @reading('flywheel.face_runout')
        @reading('flywheel.measuring_diameter')
        @reading('flywheel.flatness')
    </div>
    <div class="marks-of">@include('strip.marks', ['part' => 'flywheel'])</div>
</div>
<div class="fig mt-3">
    <div class="left-of">
        @foreach (['flywheel.thickness', 'flywheel.thickness_min', 'flywheel.free_play', 'flywheel.rock'] as $key)
            @reading($key)
        @endforeach
    </div>
    @piece('draw-flywheel', 'div', ['class' => 'draw']) @include('drawings.flywheel') @endpiece
    <div class="right-of">
        @reading('flywheel.machined')
        @reading('flywheel.crack_depth')
        @reading('flywheel.scoring_depth')
    </div>
    <div class="bottom-of">
        @foreach (['flywheel.pot_depth', 'flywheel.pot_depth_wanted', 'flywheel.mounting_cut', 'flywheel.bolt_torque',
            'flywheel.school'] as $key)
            @reading($key)
        @endforeach
    </div>
</div>
