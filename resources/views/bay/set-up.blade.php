<section class="card set-up" aria-labelledby="set-up-title">
    <h2 id="set-up-title">Before the first customer</h2>
    <ul>
        @foreach ($steps as $step)
            <li><a class="font-semibold underline" href="{{ route($step->route()) }}">{{ $step->label() }}</a> <span class="small soft">{{
                $step->why() }}</span>
                <x-form :action="route('set-up.later')" class="inline"><button class="link small" name="step"
                    value="{{ $step->value }}">Later<span class="sr-only">: {{ $step->label() }}</span></button></x-form></li>
        @endforeach
    </ul>
</section>
