@props(['bench', 'station', 'oob' => false])
<aside class="telltale" id="telltale" aria-label="Tell-tale: what is wrong, near or unknown" @if ($oob) hx-swap-oob="true" @endif>
    <h2>Tell-tale</h2>
    <p class="small soft" role="status">{{ app(App\Bench\TellTale::class)->summary($bench) }}</p>
    @foreach (app(App\Bench\TellTale::class)->groups($bench, $station) as $title => $findings)
        <h3>{{ $title }}</h3>
        @foreach ($findings as $finding)
            <x-finding :finding="$finding" :bench="$bench" />
        @endforeach
    @endforeach
    <p class="small soft mt-4">Follow the vehicle maker’s procedure, local rules and licensed practice; figures here support a trained technician’s judgement.</p>
</aside>
