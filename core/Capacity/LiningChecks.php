<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Mark;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\Results;

/** What is to be said of a kit's lining by itself: its claim, its friction, its pressure, its character under the duty. */
final class LiningChecks
{
    public static function claim(KitClutch $clutch, Results $results, Display $display): void
    {
        $implied = $clutch->impliedMu();
        if ($implied === null) {
            return;
        }
        $results->figure('capacity.implied_mu', $implied);
        $nominal = $clutch->nominalMu();
        if ($nominal === null || $clutch->claimed === null) {
            return;
        }
        $rating = ClaimedRating::of($implied, $nominal);
        $limit = Limit::of(
            'capacity.implied_mu',
            null,
            $nominal->times(1 + ClaimedRating::FAR),
            LimitSource::Practice,
            Mark::FromMemory,
            null,
            $nominal->times(1 + ClaimedRating::CLOSE),
        );
        $results->finding(
            Finding::of(
                'capacity.claim',
                $rating->verdict(),
                'The claimed '.
                    $display->both($clutch->claimed, 1.0).
                    ' needs a friction coefficient of '.
                    $display->number($implied->value, 2).
                    '; the lining gives '.
                    $display->number($nominal->value, 2).
                    ': '.
                    $rating->advice().
                    '.',
            )
                ->against($limit)
                ->from('kit.claimed_torque', 'kit.clamp_load', 'kit.lining_outer', 'kit.lining_inner', 'kit.material')
                ->by(
                    'implied friction = {claimed torque|kit.claimed_torque} ÷ ({faces|capacity.faces} faces × '.
                    '{clamp load|kit.clamp_load} × '
                    .'{mean radius|capacity.radius_new})', 'capacity.implied_mu',
                ),
        );
    }

    public static function doubtedMu(KitClutch $clutch, Results $results, Display $display): void
    {
        if ($clutch->doubtedMu !== null && $clutch->material !== null && $clutch->figures !== null) {
            $results->finding(
                Finding::of(
                    'capacity.mu',
                    Verdict::Near,
                    'The kit states a friction coefficient of '.
                        $display->number($clutch->doubtedMu->value, 2).
                        ($clutch->isDoubtedHot ? ' when hot' : '').
                        ', more than '.
                        lcfirst($clutch->material->label()).
                        ' can give; '.
                        $display->number($clutch->figures->mu->value, 2).
                        ' is counted, '.
                        $display->number($clutch->figures->muHot->value, 2).
                        ' when hot.',
                )
                    ->from('kit.mu', 'kit.mu_hot', 'kit.material')
                    ->by('a stated coefficient counts up to '.$display->percent(ClaimedRating::CLOSE).' above the material\'s own'),
            );
        }
    }

    /** Figures of the spring that contradict each other are named; passed over, an assumption would stand in their place unseen. */
    public static function spring(KitClutch $clutch, Results $results): void
    {
        if ($clutch->springFault !== '') {
            $results->finding(
                Finding::of('capacity.spring', Verdict::Near,
                    "The figures of the kit's spring contradict each other: {$clutch->springFault}. "
                    .'Until they are put right the clamp load at the wear limit does not come from them.')
                    ->from('kit.diaphragm_set', 'kit.wear_travel', 'kit.diaphragm_outer', 'kit.diaphragm_inner', 'kit.diaphragm_plate',
                        'kit.diaphragm_pivot')
                    ->by('disc spring (Almen & László 1936; DIN EN 16984)'),
            );
        }
    }

    public static function pressure(KitClutch $clutch, CarryCase $case, Results $results, Display $display): void
    {
        $pressure = $clutch->liningPressure();
        $limit = $clutch->figures === null ? null : $case->pressureLimit($clutch->figures);
        if ($pressure === null || $clutch->material === null || $limit === null) {
            return;
        }
        $verdict = $limit->judge($pressure);
        $results->finding(
            Finding::of(
                'capacity.lining_pressure',
                $verdict,
                'Lining pressure '.
                    $display->both($pressure, 1.0).
                    ' on '.
                    lcfirst($clutch->material->label()).
                    ($verdict === Verdict::Out ? ': more than this lining stands.' : '.'),
            )
                ->against($limit)
                ->from('kit.clamp_load', 'kit.lining_outer', 'kit.lining_inner', 'kit.coverage')
                ->by(
                    'pressure = {clamp load|kit.clamp_load} ÷ area of one face{=}. Area decides pressure, heat and wear; it does '.
                    'not by itself '
                    .'raise torque.', 'capacity.lining_pressure',
                ),
        );
    }
}
