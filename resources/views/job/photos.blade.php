<section aria-labelledby="photos-title">
    <h2 id="photos-title">{{ $photosAre }}</h2>
    @include('job.photo-list', ['photos' => $page->job->photosAt($station)])
    @unless ($page->job->isSigned())
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
    @endunless
</section>
