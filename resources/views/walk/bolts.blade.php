@php([$group, $b] = [$card->bolts, $walk->drawings->bolts($card->bolts)])
@piece('bolts-'.$card->id(), 'div', ['class' => 'walk-bolts'])
    @include('drawings.bolts', ['page' => $walk->job(), 'drawings' => $walk->drawings, 'through' => $card->through()])
    @if ($b->plan->next() !== null)
        @if ($b->wantsTorque())<p class="v-near">The maker’s torque is not entered: look it up before this round.</p>@endif
        <button class="btn main big bolt-next" name="t[{{ $group->value }}]" value="{{ $b->stage()->value }} {{ $b->plan->next() }}"
            @disabled($walk->job()->job->isSigned())>Bolt {{ $b->plan->next() }} done{{ $b->set($b->stage()) === '' ? ''
            : ', '.$b->set($b->stage()) }}</button>
    @endif
@endpiece
