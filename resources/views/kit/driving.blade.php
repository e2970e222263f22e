@include('kit.links', ['here' => 'driving'])
<h2>What it costs to drive</h2>
@if (! $driving->isKnown())
    <p>How long the lining lasts is not known without: {{ implode(', ', $driving->missing()) }}.</p>
@else
    <p class="small">Move it by hand: the lining of the kit chosen here, driven one way and another. {{ $driving->leansOn() }}</p>
    <form method="get" action="{{ route('job.driving', $page->job) }}" id="habits-form" class="habits" hx-get="{{ route('job.driving',
        $page->job) }}" hx-trigger="input delay:80ms" hx-target="#habits" hx-select="#habits > *" hx-swap="innerHTML"
        hx-sync="this:replace">
        @foreach ($sliders as $slider)
            <label class="small">{{ $slider->label }}
                <input type="range" name="{{ $slider->name }}" min="{{ $slider->least }}" max="{{ $slider->most }}"
                    step="{{ $slider->step }}" value="{{ $slider->value }}"></label>
        @endforeach
        <noscript><button class="btn">Show</button></noscript>
    </form>
    <div id="habits" aria-live="polite">
        <div class="fig plain-top">@include('drawings.habits', ['d' => $drawing])</div>
        @unless ($page->job->isSigned())
            <x-form :action="route('job.driving.keep', $page->job)" class="mark-row mt-2">
                @foreach ($sliders as $slider)<input type="hidden" name="{{ $slider->name }}" value="{{ $slider->value }}">@endforeach
                <button class="btn main">Keep it for the customer’s page</button>
                <span class="small soft">{{ $driving->isKept
                    ? 'It stands there; this takes its place.' : 'It does not stand there yet.' }}</span>
            </x-form>
        @endunless
    </div>
@endif
