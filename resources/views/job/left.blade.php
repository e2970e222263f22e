<p class="soft small mb-2">@switch($name)
    @case('left-truck') Adjusted, locked, then read all three once more. From then on only these count; what was found stays on the record.
        @break
    @case('left-two-stage') Set and locked, then all of it read once more: from then on only these count. @break
    @case('left-clearance') With the shims in, measured once more: these count as read, and no shim is taken off them again. @break
    @default Set and locked, then read once more: from then on only these count. What was found stays on the record. A slip of the pen is
        put right where it was typed.
@endswitch</p>
<div class="fields card">
    @foreach ($keys as $key)
        @reading($entries->asLeft($key), how: false)
    @endforeach
</div>
