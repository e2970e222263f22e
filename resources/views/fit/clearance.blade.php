<p class="small soft mb-2">Measured now it costs a minute; measured later the gearbox comes out again.</p>
<div class="fig plain-top"><div class="draw">@include('drawings.fresh', ['name' => 'clutch'])</div>
    <div class="bottom-of">
        @foreach ($keys as $key)
            @reading($key)
        @endforeach
    </div></div>
