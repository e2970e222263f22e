<p class="small soft">Marks:
    @foreach (Spindle\Limit\Provenance::cases() as $mark)
        <x-mark-of :mark="$mark" /> {{ $mark->meaning() }}{{ $loop->last ? '.' : ';' }}
    @endforeach
</p>
