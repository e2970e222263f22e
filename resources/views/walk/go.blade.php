@php([$address, $cautions] = [$walk->address('job.walk.behind'), $walk->cautionsAt($card->station)])
<div class="step-go">
    <button type="button" class="btn" data-back>Back</button>
    <details class="not-now">
        <summary class="btn"><span class="long">Cannot be taken now</span>
            <span class="short" aria-hidden="true">Not now</span></summary>
        <div class="why-not">
            @foreach ($reasons as $why => $words)
                <button class="btn" name="why" value="{{ $why }}" formaction="{{ $address }}" data-behind>{{
                    ucfirst($words) }}</button>
            @endforeach
            <input type="hidden" name="field" value="{{ $card->key }}">
        </div>
    </details>
    @if ($cautions !== [])
        <details class="not-now step-cautions"><summary class="btn"><span class="long">Cautions at {{ $card->station->label()
            }}</span><span class="short" aria-hidden="true">Cautions</span></summary>
            <ul>@foreach ($cautions as $caution)<li>{{ $caution }}</li>@endforeach</ul></details>
    @endif
    <button class="btn main" data-on>Go on</button>
</div>
