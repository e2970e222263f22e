@php($carried = Spindle\Inspection\Flywheel\DecisionJudgement::carried($bench->sheet, $bench->display))
@if ($carried !== '')<p class="notice"><strong>From Strip.</strong> {{ $carried }}</p>@endif
