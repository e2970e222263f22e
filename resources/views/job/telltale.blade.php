@unless ($pieces->isAnswer())
    <h2>Tell-tale</h2>
@endunless
@piece('told', 'p', ['class' => 'small soft', 'role' => 'status']) {{ $tell->summary($page) }} @endpiece
@foreach ($groups as $title => $findings)
    @unless ($pieces->isAnswer())
        <h3>{{ $title }}</h3>
    @endunless
    @php([$shown, $within] = $tell->folded($findings))
    @foreach ($shown as $finding)
        @include('job.told-finding')
    @endforeach
    @if ($within !== [])
        @unless ($pieces->isAnswer())<details class="all-within" @if ($tell->isAsked($within)) open @endif><summary>@mark('within') <span
            class="font-semibold">{{ count($within) }} within</span></summary>@endunless
        @foreach ($within as $finding)
            @include('job.told-finding')
        @endforeach
        @unless ($pieces->isAnswer())</details>@endunless
    @endif
@endforeach
@unless ($pieces->isAnswer())
    <p class="small soft mt-4">Follow the vehicle maker’s procedure, local rules and licensed practice; figures here support a trained
        technician’s judgement.</p>
@endunless
