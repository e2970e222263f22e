{{-- What is neither needed nor entered: one line, fetched when it is opened. --}}
@if ($fields->more !== [])
    @php([$isOpen, $address] = [$fields->isOpen(), $fields->address($station)])
    <details class="more" id="{{ $fields->id() }}" data-part data-holds="{{ $fields->holds() }}" @if ($isOpen) open @else
        data-load="{{ $address }}" @endif>
        <summary hx-include="this">{{ $said ?? 'Where known' }}: {{ $fields->line() }}</summary>
        <div class="fields part-body">@if ($isOpen) @include('job.fields', ['keys' => $fields->more]) @else
            @include('job.folded') @endif</div>
    </details>
@endif
