@php([$armed, $strayed] = [$devices->armed, $devices->strayed])
@if ($armed !== null)
    <div class="notice armed" id="armed" role="status" hx-get="{{ route('job.armed', [$job, 'last' => $devices->last])
        }}" hx-trigger="every 1s" hx-swap="outerHTML" hx-include="this">
        <span class="font-semibold">{{ $armed->device->name }}</span> enters {{
            $armed->spoken() }}, place {{ $armed->position + 1 }}: take the
        reading now.
        <x-form :action="route('job.disarm', $job)" class="inline"><button class="link small">Do not wait</button></x-form>
    </div>
@endif
@if ($strayed !== null)
    <p class="notice" role="alert">{{ $strayed->device->name }} sent “{{ $strayed->text }}”, and it went nowhere: {{
        lcfirst($strayed->said) }}</p>
@endif
