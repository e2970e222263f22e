@if ($group->isOne())
    @include('walk.card', ['card' => $group->first()])
@else
    @include('walk.together', ['card' => $group->first()])
@endif
