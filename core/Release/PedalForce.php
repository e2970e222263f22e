<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Force;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Results;

/** The force at the pad: as it was measured, else as the chain gives it. */
final class PedalForce
{
    /** What the efficiency of the chain is where nobody entered it: from well greased to stiff. From memory [M]. */
    private const USUAL_EFFICIENCY = [0.95, 0.75];

    /** What was measured at the pad is judged, whatever the chain says; behind a booster there is nothing else to judge. */
    public static function measured(JobSheet $sheet, Results $results): bool
    {
        $force = $sheet->values->one(Force::class, 'release.pedal_force_measured');
        $limit = $sheet->limitBook()->find('release.pedal_force');
        if ($force === null && $sheet->isAirAssisted()) {
            $results->finding(
                Finding::unmeasured('release.pedal_force', ReleaseSentences::forceBehindBooster(), 'release.pedal_force_measured'),
            );
        } elseif ($force !== null) {
            $results->figure('release.pedal_force', $force);
            if ($limit !== null) {
                $verdict = $limit->judge($force);
                $results->finding(Finding::of('release.pedal_force', $verdict, ReleaseSentences::forceMeasured($force, $limit, $verdict))
                    ->against($limit)->from('release.pedal_force_measured'));
            }
        }

        return $force !== null || $sheet->isAirAssisted();
    }

    /** As the chain gives it for the release load; an efficiency that nobody entered is a range, not a figure. */
    public static function worked(ReleaseChain $chain, JobSheet $sheet, Results $results): void
    {
        $load = $sheet->values->one(Force::class, 'kit.release_load');
        if ($load === null) {
            return;
        }
        $efficiency = $sheet->values->one(Ratio::class, 'release.efficiency');
        $force = $chain->pedalForce($load, $efficiency ?? Ratio::of(ReleaseChain::EFFICIENCY));
        $results->figure('release.pedal_force', $force);
        $pressure = $chain->linePressure($load);
        if ($pressure !== null) {
            $results->figure('release.line_pressure', $pressure);
        }
        $limit = $sheet->limitBook()->find('release.pedal_force');
        if ($limit === null) {
            return;
        }
        [$light, $heavy] = array_map(
            static fn (float $share): Force => $chain->pedalForce($load, Ratio::of($share)),
            self::USUAL_EFFICIENCY,
        );
        // An efficiency nobody entered is a range, not a figure.
        $decides =
            $efficiency === null && ($limit->judge($light) !== $limit->judge($force) || $limit->judge($heavy) !== $limit->judge($force));
        $verdict = $decides ? Verdict::Near : $limit->judge($force);
        $results->finding(
            Finding::of(
                'release.pedal_force',
                $verdict,
                $decides ? ReleaseSentences::forceByUsualLosses($force, $limit, $light, $heavy)
                    : ReleaseSentences::force($force, $limit, $verdict),
            )
                ->against($limit)
                ->from('kit.release_load', 'release.efficiency')
                ->by(
                    '{release load|kit.release_load} ÷ ({pedal ratio|release.pedal_ratio} × bore areas × {fork ratio|release.fork_ratio} × '
                    .'{efficiency|release.efficiency})', 'release.pedal_force',
                ),
        );
    }
}
