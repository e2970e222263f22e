<span class="shaft" role="img" aria-label="{{ implode(', ', $standing->said()) }}">
    @foreach ($standing->stations() as $each)
        <span @if ($standing->standsAt($each)) class="here" @endif>@mark($standing->verdictAt($each))</span>
    @endforeach
</span>
