<div class="fields card">
    @foreach (['flywheel.face_runout', 'flywheel.measuring_diameter', 'flywheel.flatness'] as $key)
        @reading($key)
    @endforeach
</div>
@include('strip.face-fold', ['part' => 'flywheel', 'what' => 'Dial around the face, and marks on it'])
<div class="fig">
    <div class="left-of">@reading('flywheel.thickness')</div>
    @piece('draw-flywheel', 'div', ['class' => 'draw']) @include('drawings.flywheel') @endpiece
    <div class="right-of">@reading('flywheel.thickness_min')</div>
    <div class="fields bottom-of">
        @include('job.fields', ['keys' => $at->card('flywheel')->now])
        @include('job.more', ['fields' => $at->card('flywheel'), 'said' => 'Also read here'])
    </div>
</div>
