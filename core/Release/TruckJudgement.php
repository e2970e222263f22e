<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Limit\Finding;
use Spindle\Limit\Instrument;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\Compare;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/** A pull-type truck clutch with a clutch brake: brake first, then bearing gap, fork play and free pedal together. */
final readonly class TruckJudgement implements Judgement
{
    private const NEEDED = ['truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'];

    public function topic(): Topic
    {
        return new Topic('truck.linkage', 'The linkage of the truck');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $this->linkage($sheet, $results);
        $this->squeeze($sheet, $results);
    }

    private function linkage(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        $isPull = $sheet->vehicleClass() === VehicleClass::Truck && $sheet->actuation() === Actuation::Pull;
        if (! $isPull && ! $values->hasAny(...self::NEEDED)) {
            return;
        }
        $brake = $values->word('truck.brake');
        if ($brake !== null && $brake !== 'good') {
            $this->say(TruckLinkage::ReplaceBrake, SettingSentences::brakeFirst(), $results);

            return;
        }
        $gap = $values->one(Length::class, 'truck.bearing_gap');
        $fork = $values->one(Length::class, 'truck.fork_play');
        $pedal = $values->one(Length::class, 'truck.free_pedal');
        if ($brake === null || $gap === null || $fork === null || $pedal === null) {
            $missing = $values->missing(...self::NEEDED);
            $results->finding(
                Finding::unmeasured(
                    'truck.action',
                    SettingSentences::truckReadingsMissing($sheet->dictionary->names($missing)),
                    ...$missing,
                ),
            );

            return;
        }
        $book = $sheet->limitBook();
        $gapBand = $book->get('truck.bearing_gap');
        $reading = static function (string $key, Length $value, Instrument $better) use ($sheet, $book): TruckReading {
            $doubt = $sheet->uncertainty($key);
            $best = $sheet->trustIn($better);
            $isBest = $best instanceof Length && $doubt->value <= $best->value;

            return new TruckReading($key, $value, $book->get($key), $isBest ? Length::mm(0.0) : $doubt, $better);
        };
        $readings = new TruckReadings(
            $values->word('vehicle.adjusting') === 'self',
            $reading('truck.bearing_gap', $gap, Instrument::GaugeBar),
            $reading('truck.fork_play', $fork, Instrument::FeelerGauge),
            $reading('truck.free_pedal', $pedal, Instrument::Calliper),
        );
        $action = TruckLinkage::read($readings);
        $notches = $action->notches($gap, $gapBand);
        if ($notches !== null) {
            $results->figure('truck.ring_notches', $notches);
        }
        $this->say($action, SettingSentences::truck(
            $action, [new AsRead($gap, $values->resolution('truck.bearing_gap')),
                new AsRead($fork, $values->resolution('truck.fork_play')), new AsRead($pedal, $values->resolution('truck.free_pedal'))],
            $notches,
            $action === TruckLinkage::MeasureAgain ? $readings->doubtful()->key ?? '' : '', $readings->doubtful()?->better->label() ?? '',
        ), $results);
    }

    /** How much pedal is left when the brake meets: none is a brake that nothing squeezes, however far under the greatest that is. */
    private function squeeze(JobSheet $sheet, Results $results): void
    {
        $key = 'truck.brake_squeeze';
        $left = $sheet->values->one(Length::class, $key);
        if ($left !== null && $left->value <= $sheet->uncertainty($key)->value) {
            $results->finding(Finding::of($key, Verdict::Out, SettingSentences::brakeNeverMeets())->from($key));

            return;
        }
        (new Compare($sheet, $results))->greatest($key, $key, Remedy::other(SettingSentences::brakeMeetsTooEarly()));
    }

    private function say(TruckLinkage $action, Said $said, Results $results): void
    {
        $results->figure('truck.action', $action->value);
        $results->finding(
            Finding::of('truck.action', $action->verdict(), $said)
                ->from(...self::NEEDED)
                ->by(
                    'brake first, then gap, fork play and free pedal (common practice, no source); a notch moves the bearing about '.
                    TruckLinkage::NOTCH_MM.' mm',
                ),
        );
    }
}
