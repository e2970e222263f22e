{{-- Over every page of a practice job: what it is, what was read, the customer, the end. --}}
@php($bar = $practiceBar($page, $station ?? null))
<aside class="practice-bar screen-only" data-tell="{{ $bar->tell() }}" @if ($bar->isOver()) data-over @endif
    aria-label="Practice">
    <p><strong>{{ $bar->code() }}</strong> <span class="small">practice · <span data-minutes>{{ $bar->minutes()
        }}</span> min read and tested</span></p>
    <div class="practice-does">
        @if (! $bar->isOver())<label class="small js-only"><input type="checkbox" data-hurried> in a hurry: at one place
            only</label>@endif
        @if ($bar->canLook())
            <x-form :action="route('job.practice.look', $page->job)"><button class="btn small">See what it says; it counts</button></x-form>
        @endif
        @if ($bar->isOver())
            <a class="btn small" href="{{ route('job.practice.debrief', $page->job) }}">How it went</a>
        @else
            <a class="btn small" href="{{ route('station', [$page->job, 'record']) }}#give-back">Give it back</a>
        @endif
    </div>
</aside>
@if ($bar->asksForCaution())
    <x-form :action="route('job.practice.caution', $page->job)" class="practice-care screen-only">
        <input type="hidden" name="station" value="{{ $station->value }}">
        <button class="btn">The cautions below are seen to, before hands go in</button></x-form>
@endif
@foreach ($bar->uncautioned() as $where)
    @if ($loop->first)<details class="card practice-care screen-only"><summary class="small">Cautions, before hands go in</summary>@endif
    @foreach ($page->cautionsAt($where) as $caution)<x-caution>{{ $caution }}</x-caution>@endforeach
    <x-form :action="route('job.practice.caution', $page->job)"><button class="btn" name="station" value="{{ $where->value }}">Seen to, at
        {{ $where->label() }}</button></x-form>
    @if ($loop->last)</details>@endif
@endforeach
@foreach ($bar->askable() as $group => $signs)
    @if ($loop->first)<details class="card practice-ask screen-only" data-kept="ask"><summary class="font-semibold py-2">Ask the
        customer</summary>@endif
    <p class="font-semibold mt-2">{{ $group }}</p>
    <x-form :action="route('job.practice.ask', $page->job)" class="mark-row">
        @foreach ($signs as $sign => $text)<button class="btn small" name="sign" value="{{ $sign }}">{{ $text }}</button>@endforeach
    </x-form>
    @if ($loop->last)</details>@endif
@endforeach
