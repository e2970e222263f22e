<div class="card">
    <h2 class="!mt-0">What is open</h2>
    @if ($page->job->isSigned())
        <p>Nothing: the sheet is signed and locked.</p>
    @elseif ($page->signOff->isAllowed())
        <p>Nothing is open. The sheet can be signed.</p>
    @else
        <p class="mb-2">Each of these needs a reading, a remedy, or a reason why it may pass.</p>
        <div class="parts">
            @foreach ($at->open() as ['at' => $where, 'open' => $open])
                @php([$isOpen, $name] = [$at->isShown($where, $open), $at->fold($where)])
                @php($address = $entries->links->fold($station, $name))
                <details class="part" id="fold-{{ $name }}" data-part @if ($isOpen) open @else data-load="{{ $address }}" @endif>
                    <summary hx-include="this">@include('job.part-head', ['id' => $name, 'head' => $at->head($where, $open)])</summary>
                    <div class="part-body">@if ($isOpen) @include('record.group', ['where' => $where]) @else
                        @include('job.folded') @endif</div>
                </details>
            @endforeach
        </div>
        @if ($at->hasSeveral())
            @php($refusedAll = old('finding') === null ? old('reason') : null)
            <details class="mt-2" @if ($refusedAll !== null) open @endif><summary
                class="small py-3">Let all of it pass with one reason</summary>
                <x-form :action="route('job.waiver.all', $page->job)" class="mt-1 flex flex-wrap items-end gap-2">
                    <label class="grow small">Reason to let everything pass that is open
                        <input class="plain" name="reason" maxlength="1000" required value="{{ $refusedAll }}"></label>
                    <button class="btn">{{ auth()->user()->isLead() ? 'Let all pass' : 'Ask the lead' }}</button>
                </x-form></details>
        @endif
    @endif
</div>
@if ($page->sheet->waivers !== [])
    <h2>Waivers</h2>
    @foreach ($at->waivers() as $waiver)
        <x-form :action="route('job.waiver', $page->job)" class="mb-1">
            <input type="hidden" name="finding" value="{{ $waiver->finding }}"><input type="hidden" name="withdraw" value="1">
            {{ $page->letThrough->inWords($waiver->finding) }}. <strong>Let pass:</strong> {{ $waiver->reason }} <span
                class="small soft">{{ $waiver->author() }}{{ $waiver->seconded_by === '' ? '' : ', agreed by '.$waiver->seconded_by
                }}@if ($page->letThrough->settled($waiver) !== ''); {{
                    $page->letThrough->settled($waiver) }} @endif</span>
            <button class="link small" @disabled($page->job->isSigned())>Take back</button>
        </x-form>
    @endforeach
@endif
@if ($page->assessment->found !== [] || $page->wasSet() !== [])
    <h2>As found and as left</h2>
    @foreach ($page->wasSet() as $line)<p>{{ $line }}</p>@endforeach
@endif
@if ($page->assessment->found !== [])
    <table class="jobs-table">
        <thead><tr><th scope="col">As found</th><th scope="col">As left</th></tr></thead>
        <tbody>
            @foreach ($page->assessment->found as $found)
                @php($left = $page->assessment->find($found->id))
                <tr>
                    <td><div class="flex gap-2">@mark($found->verdict)<span>{{ $found->say($page->display) }}</span></div></td>
                    <td>@if ($left !== null)<div
                        class="flex gap-2">@mark($left->verdict)<span>{{ ucfirst($left->sayOfPart($page->display)) }}</span></div>@else –
                        @endif</td>
                </tr>
            @endforeach
        </tbody>
    </table>
@endif
<x-station-form :page="$page" :station="$station">
    @if ($page->values()->has('offer.total'))<div hx-get="{{ route('job.offer.beyond', $page->job) }}" hx-trigger="load"
        aria-live="polite"></div>@endif
    <div class="fields card">@reading('record.batches')
        @if ($page->values()->has('offer.total'))@reading('offer.came_to')@endif
        @if ($at->hasSecondLook)@reading('record.checked')@endif</div>
    @unless ($page->job->isSigned())
        <details @if ($at->closedBecause !== '') open @endif>
            <summary class="small py-3">Opened by mistake, or given up? Close it without signing</summary>
            <div class="fields card">@reading('record.closed')</div>
            @if ($at->closedBecause !== '')<p @class(['v-near' => ! $at->isClosed, 'small'])>{{ $at->isClosed
                ? 'Closed: it stands in no list of open work and is not signed. It keeps all that was entered.'
                : 'Not closed yet: a reason of a few words is wanted.' }}</p>@endif
        </details>
    @endunless
    @include('drawings.chosen-photos')
</x-station-form>
@if ($onPractice ?? false)
    <h2 id="give-back">Give it back</h2>
    <p class="mb-2">A practice vehicle is not signed. Whoever gives it back sees what it was, and how it went; nothing of it changes
        any more.</p>
    @include('practice.give-back')
@else
<h2>Sign and hand over</h2>
@if ($at->isOwnLook)
    <p class="v-unmeasured flex gap-2">@mark('unmeasured')<span>You looked it over yourself: somebody else signs, or
        somebody else looks.</span></p>
@endif
<div class="flex flex-wrap gap-3">
    @unless ($page->job->isSigned())
        <x-form :action="route('job.sign', $page->job)" data-signs>
            <button class="btn main" @disabled(! $page->signOff->isAllowed())>Sign as {{ auth()->user()->name }} and lock</button>
        </x-form>
    @endunless
    <a class="btn" href="{{ route('job.sheet', $page->job) }}">Printed sheet</a>
    @foreach ($at->files() as $file)
        <a class="btn" href="{{ route($file->route(), $page->job) }}">{{ $file->label() }}</a>
    @endforeach
    <a class="btn" href="{{ route('job.archive', $page->job) }}">All of it, with photos</a>
    <span class="small">Drawings as SVG: @foreach ($at->drawings() as $name)<a class="link" href="{{ route('job.svg',
        [$page->job, $name]) }}">{{ $name }}</a> @endforeach</span>
</div>
@if ($page->job->isSigned())
    <p class="small soft mt-2">SHA-256 of the frozen file: <span class="num break-all">{{ $page->job->signedSheet->sha256 }}</span></p>
    @if ($page->job->signedSheet->erased_at !== null)
        <p class="small soft">Whose vehicle it is was taken out on @date($page->job->signedSheet->erased_at).
            SHA-256 of the file as it was signed: <span class="num break-all">{{ $page->job->signedSheet->sha256_as_signed }}</span></p>
    @endif
@endif
@endif
