<div class="card grid gap-4">
    @include('strip.conclude')
    @reading('why.words')
</div>
