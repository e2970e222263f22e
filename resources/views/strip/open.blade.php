<p class="small soft mb-2">Price now against chance of failing × (labour to come back + price). With labour, rate, and a part’s look and
    price the sum stands in the tell-tale. You decide.</p>
<div class="fields card">
    @reading('open.labour')
    @reading('open.rate')
    @foreach ($at->whileOpen() as $part)
        <div class="span grid gap-x-4 md:grid-cols-3">
            @reading('open.'.$part.'_state')
            @reading('open.'.$part.'_price')
            @reading('open.'.$part.'_chance')
        </div>
    @endforeach
</div>
