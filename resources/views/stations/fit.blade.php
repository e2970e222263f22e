@include('job.carried')
@include('job.asked')
<x-station-form :page="$page" :station="$station">
    <h2>Order of fitting</h2>
    @piece('draw-steps', 'div') @include('figures.steps') @endpiece
    <ol class="steps card">
        @foreach (Spindle\Fitting\FittingStep::of($page->sheet) as $step)
            <li>@reading(Spindle\Fitting\FittingFields::key($step))
                <div><p class="small soft">{{ $step->trap() }}</p>
                    @reading(Spindle\Fitting\FittingFields::why($step), live: true)
                    @if ($step->readings() !== [])<div class="fields">
                        @foreach ($step->readings() as $key)@reading($key)@endforeach</div>@endif</div></li>
        @endforeach
    </ol>
    @if ($entries->asks('release.depth_to_fingers'))
        <h2>Before it closes</h2>
        <p class="small soft mb-2">Measured now it costs a minute; measured later the gearbox comes out again.</p>
        <div class="fig plain-top"><div class="draw">@include('figures.fresh', ['name' => 'clutch'])</div>
            <div class="bottom-of">
                @foreach (['release.depth_to_fingers', 'release.bearing_height', 'release.clearance_target',
                    'release.shim_stock'] as $key)
                    @reading($key)
                @endforeach
            </div></div>
        <h2>The whole chain, from pedal to plate</h2>
        <div class="fig plain-top"><div class="draw">@include('figures.chain-stage', ['own' => false])</div></div>
    @endif
    <h2>Tightening</h2>
    <p class="small soft mb-2">No impact or electric driver on covers and concentric bearings: they seat tilted and leak. The maker’s
        torque and order decide. <a href="{{ route('job.labels', $page->job) }}">Labels for the bags</a></p>
    <div class="fields card">@reading('fastening.wrench_from')@reading('fastening.wrench_to')</div>
    @foreach (Spindle\Fastening\BoltGroup::cases() as $group)
        @continue(! $entries->asks($group->key('bolts')))
        <details class="part bolt-group" id="bolts-{{ $group->value }}" @if ($entries->typed($group->key('bolts')) !== ''
            || $group === Spindle\Fastening\BoltGroup::Cover) open @endif>
            <summary>{{ $group->label() }}</summary>
            <div class="part-body bolt-body">
                {{-- Ticks are sent from here: buttons are drawn anew with every answer, and what waits its turn must not go with them. --}}
                <span hidden data-ticks="t[{{ $group->value }}]" data-address="{{ $entries->links->to($station) }}" hx-include="this"
                    hx-sync="#work:queue all" hx-params="t[{{ $group->value }}]"></span>
                <p class="refusal" role="alert" data-said-of="t[{{ $group->value }}]" hidden>Not ticked: no connection. Tick it again.</p>
                <div hx-get="{{ route('job.bolts', [$page->job, $group->value]) }}" hx-trigger="every 6s" hx-include="this"
                    hx-swap="innerHTML"
                    hx-target="#draw-bolts-{{ $group->value }}">
                    @piece('draw-bolts-'.$group->value, 'div') @include('figures.bolts') @endpiece
                </div>
                <div class="fields">
                    @foreach (['bolts', 'torque', 'angle', 'thread', 'grade', 'layout', 'oiled', 'gap', 'tool_slides', 'differ',
                        'stages'] as $name)
                        @php($label = ucfirst(Str::after($page->sheet->dictionary->get($group->key($name))->label, ': ')))
                        @reading($group->key($name), label: $label)
                    @endforeach
                </div>
            </div>
        </details>
    @endforeach
    <h2>Where housing and engine are new to each other</h2>
    <p class="small soft mb-2">A dial on the crankshaft, swept round the bore and over the face, evenly spaced, seen from the gearbox.</p>
    <div class="card bolt-body">
        @piece('draw-housing', 'div') @include('figures.housing') @endpiece
        <div class="fields">@reading('housing.bore_dial')@reading('housing.face_dial')</div>
    </div>
</x-station-form>
