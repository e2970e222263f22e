<p class="soft small mb-2">The brake first: it is the reference.</p>
<div class="fig plain-top"><div class="draw">@piece('draw-truck', 'div') @include('drawings.truck') @endpiece</div></div>
<div class="fields card mt-2">
    @foreach ($read as $key)
        @reading($key)
    @endforeach
</div>
<div class="fields card mt-2">@foreach ($turned as $key)@reading($key)@endforeach</div>
