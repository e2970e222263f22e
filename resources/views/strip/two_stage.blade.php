<div class="fig plain-top">
    @piece('draw-levers', 'div', ['class' => 'draw']) @include('drawings.levers') @endpiece
    <div class="bottom-of">@reading('two_stage.lever_heights')</div>
</div>
<div class="fields card">
    @include('job.fields', ['keys' => $at->card('two_stage')->now])
    @include('job.more', ['fields' => $at->card('two_stage'), 'said' => 'Also read here'])
</div>
