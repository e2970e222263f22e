@php($signs = array_map(fn ($sign) => Spindle\Triage\Signs::all()[$sign] ?? $sign, $bench->values()->words('triage.signs')))
<span class="small soft" id="signs-noted" @if ($oob ?? false) hx-swap-oob="true" @endif>{{ $signs === [] ? 'what the driver says; triage goes on from here' : implode('; ', $signs) }}</span>
