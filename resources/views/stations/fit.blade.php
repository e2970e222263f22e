@include('job.carried')
@include('job.asked')
<x-station-form :page="$page" :station="$station">
    <h2>Order of fitting</h2>
    @piece('draw-steps', 'div') @include('drawings.steps') @endpiece
    <ol class="steps card">
        @foreach ($at->steps() as ['step' => $step, 'done' => $done, 'why' => $why])
            <li>@reading($done)
                <div><p class="small soft">{{ $step->trap() }}</p>
                    @reading($why, live: true)
                    @if ($step->readings() !== [])<div class="fields">
                        @foreach ($step->readings() as $key)@reading($key)@endforeach</div>@endif</div></li>
        @endforeach
    </ol>
    @if ($entries->asks('release.depth_to_fingers'))
        <h2>Before it closes</h2>
        <p class="small soft mb-2">Measured now it costs a minute; measured later the gearbox comes out again.</p>
        <div class="fig plain-top"><div class="draw">@include('drawings.fresh', ['name' => 'clutch'])</div>
            <div class="bottom-of">
                @foreach ($at->clearance as $key)
                    @reading($key)
                @endforeach
            </div></div>
        <h2>The whole chain, from pedal to plate</h2>
        <div class="fig plain-top"><div class="draw">@include('drawings.chain-stage', ['own' => false])</div></div>
    @endif
    <h2>Tightening</h2>
    <p class="small soft mb-2">No impact or electric driver on covers and concentric bearings: they seat tilted and leak. The maker’s
        torque and order decide. <a href="{{ route('job.labels', $page->job) }}">Labels for the bags</a></p>
    <div class="fields card">@reading('fastening.wrench_from')@reading('fastening.wrench_to')</div>
    @foreach ($at->groups() as $group)
        @php($address = $entries->links->fold($station, 'bolts-'.$group->value))
        <details class="part bolt-group" id="bolts-{{ $group->value }}" data-part data-holds="fastening.{{ $group->value }}"
            @if ($at->isOpen($group)) open @else data-load="{{ $address }}" @endif>
            <summary hx-include="this">{{ $group->label() }}</summary>
            <div class="part-body bolt-body">@if ($at->isOpen($group)) @include('fit.bolts') @else
                @include('job.folded', ['address' => $address]) @endif</div>
        </details>
    @endforeach
    <h2>Where housing and engine are new to each other</h2>
    <p class="small soft mb-2">A dial on the crankshaft, swept round the bore and over the face, evenly spaced, seen from the gearbox.</p>
    <div class="card bolt-body">
        @piece('draw-housing', 'div') @include('drawings.housing') @endpiece
        <div class="fields">@reading('housing.bore_dial')@reading('housing.face_dial')</div>
    </div>
</x-station-form>
