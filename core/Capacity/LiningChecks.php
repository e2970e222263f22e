<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Limit\Bounds;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Limit\LimitSource;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Sheet\Results;

/** What is to be said of a kit's lining by itself: its claim, its friction, its pressure, its character under the duty. */
final class LiningChecks
{
    /** A clutch sold for an engine carries so many times what that gives. From memory [M]. */
    private const ENGINE_RATING = [1.0, 3.0];

    public static function claim(KitClutch $clutch, Results $results): void
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
        $times = $clutch->runInOver($clutch->claimed);
        $ofEngine = $times !== null && $times->value >= self::ENGINE_RATING[0] && $times->value <= self::ENGINE_RATING[1];
        $isOfEngine = $clutch->claimedAs === 'engine'
            || ($clutch->claimedAs === null && $ofEngine && $rating->verdict() !== Verdict::Within);
        if ($isOfEngine && $times !== null) {
            $results->finding(Finding::of('capacity.claim', $ofEngine ? Verdict::Within : Verdict::Near,
                CapacitySentences::claimOfEngine($clutch->claimed, $times, $ofEngine))
                ->from('kit.claimed_torque', 'kit.claimed_as', 'kit.clamp_load', 'kit.lining_outer', 'kit.lining_inner', 'kit.material'));

            return;
        }
        $bounds = Bounds::atMost($nominal->times(1 + ClaimedRating::FAR), $nominal->times(1 + ClaimedRating::CLOSE));
        $limit = Limit::of('capacity.implied_mu', $bounds, LimitSource::Practice, Provenance::FromMemory);
        $results->finding(
            Finding::of(
                'capacity.claim',
                $rating->verdict(),
                CapacitySentences::claim($clutch->claimed, $implied, $nominal, $rating),
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

    /** What is stated of friction and clamp load and cannot be: never hidden behind the figure that is counted instead. */
    public static function doubts(KitClutch $clutch, Results $results): void
    {
        if ($clutch->doubts !== []) {
            $results->finding(
                Finding::of('capacity.mu', Verdict::Near, CapacitySentences::doubts($clutch->doubts))
                    ->from('kit.mu', 'kit.mu_hot', 'kit.material', 'kit.clamp_load_worn', 'kit.spring_rate', 'kit.wear_travel')
                    ->by(CapacitySentences::frictionCounts()),
            );
        }
    }

    /** Figures of the spring that contradict each other are named; passed over, an assumption would stand in their place unseen. */
    public static function spring(KitClutch $clutch, Results $results): void
    {
        if ($clutch->springFault !== '') {
            $results->finding(
                Finding::of('capacity.spring', Verdict::Near, CapacitySentences::springContradicts($clutch->springFault))
                    ->from('kit.diaphragm_set', 'kit.wear_travel', 'kit.diaphragm_outer', 'kit.diaphragm_inner', 'kit.diaphragm_plate',
                        'kit.diaphragm_pivot')
                    ->by('disc spring (Almen & László 1936; DIN EN 16984)'),
            );
        }
    }

    public static function pressure(KitClutch $clutch, CarryCase $case, Results $results): void
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
                CapacitySentences::pressure($pressure, $clutch->material, $verdict === Verdict::Out),
            )
                ->against($limit)
                ->from('kit.clamp_load', 'kit.lining_outer', 'kit.lining_inner', 'kit.coverage')
                ->by(CapacitySentences::pressureComesFrom(), 'capacity.lining_pressure'),
        );
    }
}
