@piece('head-'.$id, 'span', ['class' => 'part-head v-'.$head->verdict->value], $head->madeFrom())
    @mark($head->verdict)<span class="part-name">{{ $head->label }}</span>
    <span class="small soft part-status">{{ $head->status }}</span>
@endpiece
