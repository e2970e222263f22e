@php($carried = Spindle\JobSheet\Part\FlywheelDecisionPart::carried($bench->sheet, $bench->display))
@if ($carried !== '')<p class="notice"><strong>From Strip.</strong> {{ $carried }}</p>@endif
