<div class="fig plain-top">
    @piece('draw-fingers', 'div', ['class' => 'draw']) @include('drawings.fingers') @endpiece
    <div class="bottom-of">@reading('cover.kind')@reading('cover.finger_heights')</div>
</div>
<div class="fields card mt-3">
    @foreach (['cover.flatness', 'cover.finger_wear', 'cover.clamp_load', 'cover.clamp_load_new', 'cover.spring_lengths',
        'cover.marked'] as $key)
        @reading($key)
    @endforeach
</div>
<div class="fig plain-top mt-3">
    @piece('draw-plate', 'div', ['class' => 'draw face-alone']) @include('drawings.plate') @endpiece
    <div class="marks-of">@include('strip.marks', ['part' => 'cover'])</div>
</div>
