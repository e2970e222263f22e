@php($head = $at->head($part))
@piece('head-'.$part->value, 'span', ['class' => 'part-head v-'.$head->verdict->value], $head->madeFrom())
    @mark($head->verdict)<span class="part-name">{{ $head->label }}</span>
    <span class="small soft">{{ $head->status }}</span>
@endpiece
