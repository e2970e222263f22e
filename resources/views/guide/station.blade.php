<div class="guide">{{ $said }} @include('guide.readings')</div>
<p class="small"><a class="link" href="{{ route('guide') }}#guide-{{ $station->value }}">In the guide, with pictures</a></p>
