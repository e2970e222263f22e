@php($shop = $page->shop())
@if ($shop->name() !== '' || $shop->lines() !== [])
    <div class="letterhead">@if ($shop->mark() !== '')<span class="shop-mark" aria-hidden="true">{{ $shop->mark() }}</span>@endif
        <div><strong>{{ $shop->name() }}</strong>@foreach ($shop->lines() as $line)<br>{{ $line }}@endforeach</div></div>
@endif
