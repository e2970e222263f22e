@if ($name === 'moved')
    <p class="soft small mb-2">A helper presses the pedal after the free play is taken up; read as many ends of the same press as can be
        reached. Two ends that follow each other give their ratio where none is entered; pad and end of the fork tell what is lost.</p>
@endif
<div @class(['fields card' => $name !== 'gaps'])>
    @foreach ($keys as $key)
        @reading($key)
    @endforeach
</div>
