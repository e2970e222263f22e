{{-- What no assessment judges is not let pass by a reason; where it leads, the reason is asked. --}}
<div @class(['open-finding', 'v-'.$finding->verdict->value])>
    @mark($finding->verdict)
    <p><span class="word">{{ ucfirst($finding->verdict->label()) }}.</span> {{ $finding->say($page->display) }}</p>
    @if ($at->canPass($finding))
    @php($asked = $at->asked($finding))
    @if ($asked !== null)
        <p class="below"><strong>{{ $asked->author() }} asks to let it pass:</strong> {{ $asked->reason }}</p>
        <div class="below flex flex-wrap gap-2">
            @if (($to = $at->agreement($asked)) !== null)
                <x-form :action="route('job.waiver.agree', $page->job)"><input type="hidden" name="finding"
                    value="{{ $to->finding }}"><input type="hidden" name="asked" value="{{ $to->asked }}"><input
                    type="hidden" name="reason" value="{{ $to->reason }}"><input type="hidden" name="found"
                    value="{{ $to->found }}"><input type="hidden" name="version" value="{{ $to->version }}"><button
                    class="btn">Agree<span class="sr-only"> to let pass: {{
                    $page->letThrough->inWords($finding->id) }}</span></button></x-form>
            @else<span class="small soft">Waits for {{ $at->hasSecondLook ? 'the lead or a second person' : 'the lead'
                }}.</span>@endif
            <x-form :action="route('job.waiver', $page->job)"><input type="hidden" name="finding"
                value="{{ $finding->id }}"><input type="hidden" name="withdraw" value="1"><button class="btn">No<span
                class="sr-only">, not let pass: {{ $page->letThrough->inWords($finding->id) }}</span></button></x-form>
        </div>
    @else
    {{-- A few stand open; of many each is opened where somebody wants it. --}}
    <details @if ($at->isFew() || old('finding') === $finding->id) open @endif><summary
        class="small">Let it pass<span class="sr-only"> with a reason: {{ $page->letThrough->inWords($finding->id) }}</span></summary>
    <x-form :action="route('job.waiver', $page->job)" class="mt-1 flex flex-wrap items-end gap-2">
        <input type="hidden" name="finding" value="{{ $finding->id }}">
        <label class="grow small">Reason to let it pass
            <input class="plain" name="reason" maxlength="1000" required
                value="{{ old('finding') === $finding->id ? old('reason') : '' }}">
        </label>
        <button class="btn">{{ $at->mayAlone($finding) ? 'Let pass' : 'Ask the lead' }}<span class="sr-only">: {{
            $page->letThrough->inWords($finding->id) }}</span></button>
    </x-form></details>
    @endif
    @endif
</div>
