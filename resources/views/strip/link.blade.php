@php($head = $at->head($part))
@piece('nav-'.$part->value, 'a', ['href' => '#part-'.$part->value, 'class' => 'v-'.$head->verdict->value], $head->madeFrom())
    @mark($head->verdict)<span>{{ $head->label }}<span class="sr-only">: {{ $head->status }}</span></span>
@endpiece
