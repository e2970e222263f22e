@php($photos = $page->job->photosAt($station))
@include('job.photo-list', ['photos' => $photos])
@unless ($page->job->isSigned())
    <details class="part" @if (old('caption') !== null && old('part') === null) open @endif>
        <summary><span class="part-head"><span class="part-name">{{ $photosAre }}</span> <span
            class="small soft part-status">{{ count($photos) === 0 ? 'none kept' : count($photos).' kept' }}</span></span></summary>
        <x-form :action="route('job.photo.store', $page->job)" enctype="multipart/form-data"
            class="flex flex-wrap items-end gap-3">
            <input type="hidden" name="station" value="{{ $station->value }}">
            <label class="grow font-semibold">Part <input class="plain" name="caption" maxlength="200"
                value="{{ old('part') === null ? old('caption') : '' }}" required></label>
            <label class="grow font-semibold">Picture <input class="plain" type="file" name="photo" accept="image/jpeg,image/png,image/webp"
                required></label>
            <button class="btn">Keep the photo</button>
        </x-form>
        <p class="small soft">Place, time and camera are taken out of the file.</p>
    </details>
@endunless
