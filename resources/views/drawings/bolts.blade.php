@php($b = $drawings->bolts($group))
@if ($b === null)
    <p class="small soft">With the number of bolts the order is drawn here.</p>
@else
    @php([$plan, $shown, $signed] = [$b->plan, $b->stage(), $page->job->isSigned()])
    <ol class="rounds small">
        @foreach ($plan->stages as $stage)
            <li @class(['now' => $stage === $plan->stage()])>{{ $stage->label() }} <span class="num">{{ $b->set($stage) }}</span> <span
                class="soft num">{{ count($plan->done[$stage->value]) }}/{{ $plan->bolts() }}</span></li>
        @endforeach
    </ol>
    @if ($shown !== null)<p class="small">{{ $shown->watch() }} @if ($plan->stage() !== null)<button
        class="btn small bolt-round" name="t[{{ $group->value }}]" value="{{ isset($through) ? $through->value.' through'
            : $shown->value.' all' }}" @disabled($signed)>{{ isset($through) ? 'Seated: both rounds done' : 'This round done' }}<span
        class="sr-only">: {{ $group->label() }}, {{ $shown->label() }}</span></button>@endif</p>@endif
    <div class="bolt-scroll"><svg class="bolts" viewBox="0 0 {{ $b->width() }} {{ $b->height() }}" width="{{ $b->width() }}"
        height="{{ $b->height() }}"><path class="ghost" d="{{ $b->way() }}" fill="none"/>
        @foreach ($plan->order as $i => $bolt)
            @php([[$x, $y], $done] = [$b->at($bolt), $b->isDone($bolt)])
            <foreignObject x="{{ $x - 26 }}" y="{{ $y - 26 }}" width="52" height="52"><button class="bolt" name="t[{{ $group->value }}]"
                value="{{ $shown?->value }} {{ $done ? '-' : '' }}{{ $bolt }}" aria-pressed="{{ $done ? 'true' : 'false' }}"
                @disabled($signed || $shown === null) @if ($bolt === $plan->next()) data-next @endif
                title="{{ $plan->notes[$bolt] ?? '' }}"><span
                class="sr-only">{{ $group->label() }} bolt </span>{{ $bolt }}<span class="sr-only">, {{ $i + 1 }} in the order{{
                $done ? ", {$shown?->label()} by {$b->who($bolt)}" : '' }}</span>@isset($plan->notes[$bolt])<b
                aria-hidden="true">!</b>@endisset</button></foreignObject>
        @endforeach
    </svg></div>
    @foreach ($plan->notes as $bolt => $note)<p class="small">Bolt {{ $bolt }}: {{ $note }}</p>@endforeach
    @if ($shown !== null && $plan->done[$shown->value] !== [])
        @php($last = collect($plan->order)->filter($b->isDone(...))->last())
        <p class="small soft">{{ $shown->label() }}: bolt {{ $last }} by {{ $b->who($last) }}</p>
    @endif
@endif
