{{-- What stands beside each field, in one list. --}}
@if ($readings !== [])
    <details class="how-each"><summary>How each reading is taken ({{ count($readings) }})</summary>
        <dl>@foreach ($readings as $reading)<dt>{{ $reading['what'] }} <span class="small soft">{{ $reading['where'] }}</span></dt>
            <dd>{{ $reading['how'] }}</dd>@endforeach</dl></details>
@endif
