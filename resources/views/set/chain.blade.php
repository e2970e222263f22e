<div class="fig plain-top chain-fig">
    <div class="draw">
        @include('drawings.chain-stage')
        @piece('draw-pedal', 'div') @include('drawings.pedal') @endpiece
    </div>
</div>
@piece('draw-ratios', 'div') @include('drawings.ratios') @endpiece
@php($fields = $at->fieldsNow)
<div class="card members">
    @foreach ($at->membersNow() as $member => $keys)
        <section><h3>{{ $member }}</h3>
            <div class="fields">@foreach ($keys as $key)@reading($key)@endforeach</div>
        </section>
    @endforeach
    @include('job.more')
</div>
