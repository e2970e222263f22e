@if ($photos->isNotEmpty())
    <ul class="photos">
        @foreach ($photos as $photo)
            <li><a href="{{ route('job.photo', [$page->job, $photo]) }}" data-zoom="{{ $photo->caption }}"><img
                src="{{ route('job.photo', [$page->job, $photo]) }}" width="{{ $photo->width }}" height="{{ $photo->height }}"
                alt="{{ $photo->caption }}, enlarge" loading="lazy"></a>
                <span>{{ $photo->caption }}</span> <span
                    class="small soft">{{ $photo->by_name }}, @moment($photo->at)</span></li>
        @endforeach
    </ul>
@endif
