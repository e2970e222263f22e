<div class="spread">
    @foreach ($rows as $row)
        <p>{{ $history->limit($row['what']) }}</p>
        <svg viewBox="-6 0 {{ $history::COUNTS + 12 }} 30" aria-hidden="true"><rect class="f-brass" x="0" y="6" height="18" width="{{
            $history->bar($row, $rows) }}"/></svg>
        <p class="num small">{{ $row['count'] }} jobs</p>
    @endforeach
</div>
