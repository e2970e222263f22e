<p class="refusal" role="status">No day is open on which this job could be worked on, so there is no plan and no promise. {{ $why }}.
    Hours and closed days stand under <a class="underline" href="{{ route('rules') }}">Rules</a>.</p>
