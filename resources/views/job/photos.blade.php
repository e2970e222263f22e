@php($photos = App\Models\Photo::query()->where('clutch_job_id', $bench->job->id)->where('station', $station->value)->orderBy('id')->get())
<section aria-labelledby="photos-title">
    <h2 id="photos-title">Photos</h2>
    @if ($photos->isNotEmpty())
        <ul class="photos">
            @foreach ($photos as $photo)
                <li><a href="{{ route('job.photo', [$bench->job, $photo]) }}"><img src="{{ route('job.photo', [$bench->job, $photo]) }}" width="{{ $photo->width }}" height="{{ $photo->height }}" alt="{{ $photo->caption }}, enlarge" loading="lazy"></a>
                    <span>{{ $photo->caption }}</span> <span class="small soft">{{ $photo->by_name }}, {{ App\Bench\ReaderLocale::dateTime($photo->at) }}</span></li>
            @endforeach
        </ul>
    @endif
    @unless ($bench->job->isSigned())
        <form method="post" action="{{ route('job.photo.store', $bench->job) }}" enctype="multipart/form-data" class="flex flex-wrap items-end gap-3">
            @csrf
            <input type="hidden" name="station" value="{{ $station->value }}">
            <label class="grow font-semibold">Part <input class="plain" name="caption" maxlength="200" value="{{ old('caption') }}" required></label>
            <label class="grow font-semibold">Picture <input class="plain" type="file" name="photo" accept="image/jpeg,image/png,image/webp" required></label>
            <button class="btn">Keep the photo</button>
        </form>
        <p class="small soft">Place, time and camera are taken out of the file.</p>
    @endunless
</section>
