@php($carried = Spindle\Inspection\Flywheel\DecisionJudgement::carried($page->sheet, $page->display))
@if ($carried !== '')<p class="notice"><strong>From Strip.</strong> {{ $carried }}</p>@endif
