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
        <details class="part bolt-group" id="bolts-{{ $group->value }}" @if ($at->isOpen($group)) open @endif>
            <summary>{{ $group->label() }}</summary>
            <div class="part-body bolt-body">
                {{-- Ticks are sent from here: buttons are drawn anew with every answer, and what waits its turn must not go with them. --}}
                <span hidden data-ticks="t[{{ $group->value }}]" data-address="{{ $entries->links->to($station) }}" hx-include="this"
                    hx-sync="#work:queue all" hx-params="t[{{ $group->value }}]"></span>
                <p class="refusal" role="alert" data-said-of="t[{{ $group->value }}]" hidden>Not ticked: no connection. Tick it again.</p>
                <div hx-get="{{ route('job.bolts', [$page->job, $group->value]) }}" hx-trigger="every 6s" hx-include="this"
                    hx-swap="innerHTML"
                    hx-target="#draw-bolts-{{ $group->value }}">
                    @piece('draw-bolts-'.$group->value, 'div') @include('drawings.bolts') @endpiece
                </div>
                <div class="fields">
                    @foreach ($at->readings($group) as $key => $label)
                        @reading($key, label: $label)
                    @endforeach
                </div>
            </div>
        </details>
    @endforeach
    <h2>Where housing and engine are new to each other</h2>
    <p class="small soft mb-2">A dial on the crankshaft, swept round the bore and over the face, evenly spaced, seen from the gearbox.</p>
    <div class="card bolt-body">
        @piece('draw-housing', 'div') @include('drawings.housing') @endpiece
        <div class="fields">@reading('housing.bore_dial')@reading('housing.face_dial')</div>
    </div>
</x-station-form>
