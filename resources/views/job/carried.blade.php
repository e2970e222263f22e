@if ($at->fromStrip !== '')
    <p class="notice"><strong>From Strip.</strong> {{ $at->fromStrip }}</p>
@endif
