<div class="fig plain-top">
    @piece('draw-fingers', 'div', ['class' => 'draw']) @include('drawings.fingers') @endpiece
    <div class="bottom-of">@reading('cover.kind')@reading('cover.finger_heights')</div>
</div>
<div class="fields card">
    @include('job.fields', ['keys' => $at->card('cover')->now])
    @include('job.more', ['fields' => $at->card('cover'), 'said' => 'Also read here'])
</div>
@include('strip.face-fold', ['part' => 'cover', 'what' => 'Marks on the face of its plate'])
