{{-- Over every page of a practice job: what it is, what was read, the customer, the end. --}}
@php($bar = $practiceBar($page, $station ?? null))
<aside class="practice-bar screen-only" data-tell="{{ $bar->tell() }}" aria-label="Practice">
    <p><strong>{{ $bar->code() }}</strong> <span class="small">practice · {{ $bar->minutes() }} min read and tested</span></p>
    <div class="practice-does">
        @if ($bar->canLook())
            <x-form :action="route('job.practice.look', $page->job)"><button class="btn small">See what it says; it counts</button></x-form>
        @endif
        @if ($bar->isOver())
            <a class="btn small" href="{{ route('job.practice.debrief', $page->job) }}">How it went</a>
        @else
            <x-form :action="route('job.practice.end', $page->job)"><button class="btn small">Give it back, and see</button></x-form>
        @endif
    </div>
</aside>
@if ($bar->asksForCaution())
    <x-form :action="route('job.practice.caution', $page->job)" class="practice-care screen-only">
        <input type="hidden" name="station" value="{{ $station->value }}">
        <button class="btn">The cautions below are seen to, before hands go in</button></x-form>
@endif
@foreach ($bar->askable() as $group => $signs)
    @if ($loop->first)<details class="card practice-ask screen-only" data-kept="ask"><summary class="font-semibold py-2">Ask the
        customer</summary>@endif
    <p class="font-semibold mt-2">{{ $group }}</p>
    <x-form :action="route('job.practice.ask', $page->job)" class="mark-row">
        @foreach ($signs as $sign => $text)<button class="btn small" name="sign" value="{{ $sign }}">{{ $text }}</button>@endforeach
    </x-form>
    @if ($loop->last)</details>@endif
@endforeach
