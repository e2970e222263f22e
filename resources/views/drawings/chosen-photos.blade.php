@if ($page->job->photos->isNotEmpty())
    <h2>Photos on the printed sheet</h2>
    <ul class="chosen-photos">
        @foreach ($page->job->photos as $photo)
            @php([$name, $isOn] = [$at->photoName($photo), $at->isOnSheet($photo)])
            <li><img src="{{ route('job.photo', [$page->job, $photo]) }}" alt="{{ $photo->caption }}" loading="lazy">
                <button class="btn small" name="t[photo]" value="{{ $name }} {{ $isOn ? '-' : '+' }}" aria-pressed="{{ $isOn ? 'true'
                    : 'false' }}" @disabled($page->job->isSigned())>{{ $isOn ? 'On the sheet'
                    : 'Put on the sheet' }}<span class="sr-only">: {{ $photo->caption }}</span></button></li>
        @endforeach
    </ul>
@endif
