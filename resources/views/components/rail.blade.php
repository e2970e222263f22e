@props(['bench', 'station', 'oob' => false])
<nav class="rail" id="rail" aria-label="Stations of the job" @if ($oob) hx-swap-oob="true" @endif>
    <ol>
        @foreach (Spindle\JobSheet\Station::cases() as $each)
            <li>
                <a href="{{ route('station', [$bench->job, $each->value]) }}" data-key="{{ $each->number() % 10 }}" @if ($each === $station) aria-current="page" @endif>
                    <span class="collar"><x-mark :verdict="$bench->verdictAt($each)" /></span>
                    <span class="name">{{ $each->label() }}<span class="left">{{ app(App\Bench\TellTale::class)->collar($bench, $each) }}</span></span>
                </a>
            </li>
        @endforeach
    </ol>
</nav>
