@php([$clock, $radius] = [$entries->refusedMark($part)[1] ?? '', $entries->refusedMark($part)[2] ?? ''])
<div class="marks" id="mark-form-{{ $part }}">
    @unless ($page->job->isSigned())
        <p class="font-semibold">Marks on the face</p>
        <p class="small soft">Click the place on the drawing, or with the drawing focused move the cross with the arrow keys and press
            Enter. Twelve stands at the mark or dowel you call the top.</p>
        <p class="small soft" id="cross-{{ $part }}" role="status"></p>
        <div class="mark-row">
            <label>What <select class="plain" name="m[{{ $part }}][kind]">
                @foreach ($at->kindsOfMark() as $word => $label)<option value="{{ $word }}"
                    @selected(($entries->refusedMark($part)[0] ?? '') === $word)>{{ $label }}</option>@endforeach
            </select></label>
            <label>Clock position <input class="plain" name="m[{{ $part }}][clock]" value="{{ $clock }}" size="6" autocomplete="off"
                data-mark></label>
            <label>From the centre <input class="plain" name="m[{{ $part }}][radius]" value="{{ $radius }}" size="8" autocomplete="off"
                data-mark></label>
            @if ($page->job->isPractice())<button class="btn" name="field" value="{{ $part }}.marks" formaction="{{
                $entries->links->action('practice/read') }}">Look at the face</button>@endif
            <button class="btn" name="m[{{ $part }}][place]" value="1" data-place-mark="{{ $part }}"
                hx-post="{{ route('station.store', [$page->job, 'strip']) }}" hx-swap="none" hx-sync="#work:queue all"
                hx-params="m[{{ $part }}][kind],m[{{ $part }}][clock],m[{{ $part }}][radius],m[{{ $part }}][place]"
                    hx-include="#mark-form-{{ $part }}">Place the mark</button>
        </div>
    @endunless
    @include('strip.marked')
</div>
