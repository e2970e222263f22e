@php($parts = Spindle\JobSheet\StripPart::on($bench->sheet))
@php($open = App\Bench\OpenParts::of($bench))
@include('strip.parts')
<x-station-form :bench="$bench" :station="$station">
    @foreach ($parts as $part)
        <details class="part" id="part-{{ $part->value }}" data-part @if (in_array($part, $open, true)) open @endif>
            <summary>@include('strip.head')</summary>
            @includeFirst(['strip.'.$part->value, 'strip.fields'])
            @if ($part !== Spindle\JobSheet\StripPart::ClutchBrake)
                <x-reading class="mt-3" :bench="$bench" :key="$part->value.'.conditions'" />
            @endif
            @include('strip.photos')
        </details>
    @endforeach
    <h2 id="why">Why the old clutch failed</h2>
    <div class="card grid gap-4">
        @include('strip.why')
        <x-reading :bench="$bench" key="why.causes" label="What you conclude" />
        <x-reading :bench="$bench" key="why.words" />
    </div>
    <h2 id="open">Replace it while it is open?</h2>
    @include('strip.open')
</x-station-form>
@unless ($bench->job->isSigned())
    @foreach ($parts as $part)
        <form method="post" action="{{ route('job.photo.store', $bench->job) }}" enctype="multipart/form-data" id="photo-{{ $part->value }}">
            @csrf
            <input type="hidden" name="station" value="strip"><input type="hidden" name="part" value="{{ $part->value }}">
        </form>
    @endforeach
@endunless
