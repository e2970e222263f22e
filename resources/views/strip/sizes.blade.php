<p class="small soft">Read while the parts are in hand. What is left open keeps kits among those to be asked.</p>
@foreach ($at->sizes() as $where => $keys)
    <h3 class="font-semibold mt-2">{{ ucfirst($where) }}</h3>
    <div class="fields card">@foreach ($keys as $key)@reading($key)@endforeach</div>
@endforeach
