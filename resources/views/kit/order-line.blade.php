@php($signed = $page->job->isSigned())
@if ($step !== null)
    <p class="small">@if ($parts->needsAttention($step))@mark('out')@endif <span class="num">{{ $step->quantity }} ×
        {{ $step->number }}</span> <span class="font-semibold">{{ $step->isUnanswered() ? 'Not known'
        : $step->state->label() }}</span> {{ $step->isUnanswered()
        ? 'The counter was asked and its answer is lost. Ask the supplier, or order again: it is the same order.' : $step->said }}
        <span class="soft">{{ $step->total() === null ? ''
            : $page->display->number($step->total(), 2).' '.$step->currency.' ·' }}
            {{ $step->due_on === null || ! $step->state->isAwaited() ? '' : 'due '.$parts->dueOn($step).' ·' }} {{ $step->arrived > 0
            ? "{$step->arrived} of {$step->quantity} here ·" : '' }} {{ $step->by_name }}, @moment($step->at)</span></p>
@endif
@unless ($signed || $page->job->isPractice())
    <div class="flex flex-wrap items-end gap-2">
        @if ($step === null || $step->mayBeOrdered())
            <x-form :action="route('job.order', $page->job)" class="mark-row"><input type="hidden" name="part" value="{{ $part }}">
                <label class="small">Number <input class="plain num" name="number" maxlength="60" value="{{ $step->number ?? $number }}"
                    required></label>
                <label class="small">Pieces <input class="plain short" name="quantity" inputmode="numeric" value="{{ $step->quantity ??
                    1 }}"
                    maxlength="2"></label>
                <button class="btn" name="ask" value="1" data-busy="Asking…">Price and time</button>
                @if (($doubts ?? []) !== [])
                    <ul class="plain-list small basis-full">@foreach ($doubts as $doubt)<li>{{ $doubt }}</li>@endforeach</ul>
                    <label class="small">Why it is ordered all the same <input class="plain" name="anyway" maxlength="200" required></label>
                    <button class="btn" data-busy="Ordering…">Order all the same</button>
                @else
                    <button class="btn main" data-busy="Ordering…">Order</button>
                @endif</x-form>
        @else
            <x-form :action="route('job.order.note', [$page->job, $step->id])" class="mark-row">
                <button class="btn" name="what" value="ask" data-busy="Asking…">Where is it?</button>
                <label class="small">Pieces here <input class="plain short" name="pieces" inputmode="numeric" maxlength="2" value="{{
                    $step->quantity }}"></label>
                <button class="btn" name="what" value="arrived">Here</button>
                <label class="small">What is wrong <input class="plain" name="said" maxlength="200"></label>
                <button class="btn" name="what" value="wrong">Wrong part</button>
                @if ($step->mayBeCancelled())<button class="btn" name="what" value="cancel" data-busy="Asking…">{{
                    $step->arrived > 0 ? 'Cancel the rest' : 'Cancel the order' }}</button>@endif</x-form>
        @endif
        @if ($step !== null && $step->mayBeSentBack())
            <x-form :action="route('job.order.note', [$page->job, $step->id])" class="mark-row"><label class="small">Reason <input
                class="plain"
                name="said" maxlength="200"></label><button class="btn" name="what" value="sent_back">Sent back</button></x-form>
        @endif
    </div>
@endunless
