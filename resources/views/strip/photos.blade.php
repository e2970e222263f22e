<div class="photos-of mt-1.5">
    @include('job.photo-list', ['photos' => $page->job->photosOf($part)])
    @unless ($page->job->isSigned() || $page->job->isPractice())
        <details class="add-photo" @if (old('part') === $part->value) open @endif><summary
            class="small">Photo of the {{ lcfirst($part->label($page->sheet)) }}</summary>
            <div class="mark-row">
                <label>What it shows <input class="plain" form="photo-{{ $part->value }}" name="caption" maxlength="200"
                    value="{{ old('part') === $part->value ? old('caption') : $part->label($page->sheet) }}" required></label>
                <label>Picture <input class="plain" type="file" form="photo-{{ $part->value }}" name="photo" required
                    accept="image/jpeg,image/png,image/webp"></label>
                <button class="btn" form="photo-{{ $part->value }}">Keep the photo</button>
            </div>
        </details>
    @endunless
</div>
