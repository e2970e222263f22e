@foreach ($found as [$verdict, $said])
    <p class="v-{{ $verdict->value }} flex gap-2">@mark($verdict)<span><span class="word">{{ ucfirst($verdict->label()) }}.</span> {{ $said
        }}</span></p>
@endforeach
