<?php

declare(strict_types=1);

namespace App\Stations;

use App\Jobs\AssessedJob;
use Spindle\Inspection\Flywheel\DecisionJudgement;
use Spindle\Inspection\Flywheel\FlywheelSentences;
use Spindle\Quantity\Length;

/** What was done at Strip that later stations reckon with: what a cut of the flywheel took moves the release. */
final class FromStrip
{
    /** In a sentence; empty where nothing was cut. */
    public static function said(AssessedJob $page): string
    {
        $cut = DecisionJudgement::taken($page->sheet);
        if ($cut === null) {
            return '';
        }
        $atFork = $page->assessment->figure('flywheel.fork_end_shift');

        return FlywheelSentences::cutLeadsOn($cut)->in($page->display).(is_float($atFork)
            ? ' That is '.$page->display->quantity(Length::mm($atFork), 0.01)." at the fork's outer end." : '');
    }
}
