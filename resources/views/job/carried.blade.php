@php($carried = Spindle\Inspection\Flywheel\DecisionJudgement::carried($page->sheet, $page->display))
@php($atFork = $carried === '' ? null : $page->assessment->figure('flywheel.fork_end_shift'))
@if ($carried !== '')
    <p class="notice"><strong>From Strip.</strong> {{ $carried }}{{ is_float($atFork) ? ' That is '.$page->display->quantity(
        Spindle\Quantity\Length::mm($atFork), 0.01)." at the fork's outer end." : '' }}</p>
@endif
