@include('intake.history')
@if (config('spindle.register') !== 'none' && ! $page->job->isSigned())
    <x-form :action="route('job.register', $page->job)" id="register-form" hidden></x-form>
@endif
<x-station-form :page="$page" :station="$station">
    @include('job.asked')
    <h2>Complaint</h2>
    <div class="card">@reading('complaint', label: 'In the customer’s words', how: false)</div>
    <details class="signs">
        <summary>The complaint as signs @include('intake.signs')</summary>
        <x-sign-picker :page="$page" :entries="$entries" />
    </details>
    @foreach ([
        'Vehicle' => ['vehicle.name', 'vehicle.plate', 'vehicle.number', 'vehicle.class', 'vehicle.engine', 'vehicle.gearbox',
            'vehicle.drive', 'vehicle.rotation', 'vehicle.modifications', 'duty'],
        'Clutch' => ['vehicle.actuation', 'vehicle.flywheel', 'vehicle.pilot', 'vehicle.discs', 'vehicle.adjusting', 'vehicle.stages',
            'vehicle.take_off', 'vehicle.take_off_speed'],
        'In the shop' => ['promised_on', 'waits_for'],
        'Age of the clutch' => ['fitted_on', 'odometer', 'odometer_at_fitting', 'distance_since_fitted', 'hour_meter',
            'hour_meter_at_fitting', 'time_since_fitted'],
        'For the kit that shall fit' => ['vehicle.spline_count', 'vehicle.spline_diameter', 'vehicle.friction_outer'],
    ] as $title => $keys)
        <div class="flex flex-wrap items-end justify-between gap-x-4">
            <h2>{{ $title }}</h2>
            @if ($loop->first && config('spindle.register') !== 'none' && ! $page->job->isSigned())
                <button class="btn small mb-1" form="register-form" data-busy="Asking the register …">Fill what is empty from the
                    register</button>
            @endif
        </div>
        <div class="fields card">
            @foreach ($keys as $key)
                @reading($key, live: true)
            @endforeach
        </div>
    @endforeach
</x-station-form>
