@props(['marks'])
<p class="small soft">Marks:
    @foreach ($marks as $mark)
        <x-mark-of :mark="$mark" /> {{ $mark->meaning() }}{{ $loop->last ? '.' : ';' }}
    @endforeach
</p>
