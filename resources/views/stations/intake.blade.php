@include('intake.history')
@if ($at->hasRegister)
    <x-form :action="route('job.register', $page->job)" id="register-form" hidden></x-form>
@endif
<x-station-form :page="$page" :station="$station">
    @include('job.asked')
    <h2>Complaint</h2>
    <div class="card">@reading('complaint', label: 'In the customer’s words', how: false)</div>
    <details class="signs" id="fold-signs" data-part data-holds="triage.signs" @if ($at->showsSigns) open @else
        data-load="{{ $entries->links->fold($station, 'signs') }}" @endif>
        <summary hx-include="this">The complaint as signs @include('intake.signs')</summary>
        <div class="part-body">@if ($at->showsSigns) @include('job.signs') @else
            @include('job.folded', ['address' => $entries->links->fold($station, 'signs')]) @endif</div>
    </details>
    @if ($at->hasRegister && ! ($onPractice ?? false))
        <button class="btn small mt-2" form="register-form" data-busy="Asking the register …">Fill what is empty from the
            register</button>
    @endif
    @include('stations.sections', ['sections' => $at->sections])
</x-station-form>
