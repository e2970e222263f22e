@if ($group->isOne())
    @partial('walk.card', ['card' => $group->first(), 'walk' => $walk, 'reasons' => $reasons])
@else
    @partial('walk.together', ['card' => $group->first(), 'group' => $group, 'walk' => $walk, 'reasons' => $reasons])
@endif
