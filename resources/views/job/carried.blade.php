@php($cut = Spindle\Inspection\Flywheel\DecisionJudgement::taken($page->sheet))
@php($atFork = $cut === null ? null : $page->assessment->figure('flywheel.fork_end_shift'))
@if ($cut !== null)
    <p class="notice"><strong>From Strip.</strong> {{
        Spindle\Inspection\Flywheel\FlywheelSentences::cutLeadsOn($cut)->in($page->display) }}{{ is_float($atFork) ? ' That is '
        .$page->display->quantity(Spindle\Quantity\Length::mm($atFork), 0.01)." at the fork's outer end." : '' }}</p>
@endif
