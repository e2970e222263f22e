<div class="card">
    <div class="fields">@reading('release.take_up_wanted')@reading('release.air_gap_wanted')</div>
    @piece('draw-setting', 'div', ['class' => 'mt-2']) @include('drawings.setting') @endpiece
    <h3 class="mt-2">Turned and measured, step by step</h3>
    @piece('draw-turns', 'div') @include('drawings.turns') @endpiece
    <div class="fields mt-2">@reading('release.turns_made')@reading('release.play_after')</div>
</div>
