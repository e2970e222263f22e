<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\Demand\Duty;
use Spindle\Demand\EngineOutput;
use Spindle\Demand\MeasuredAt;
use Spindle\JobSheet\FieldValues;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Power;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;

/** What the engine asks of the clutch. */
final readonly class DemandPart implements Part
{
    /** Peak torque may stand below what power and speed give by this share before they contradict each other: rounding in data sheets. */
    private const DISAGREEMENT = 0.02;

    public function subject(): Subject
    {
        return new Subject('demand.engine', 'What the engine asks');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        $engine = self::engine($values);
        $duty = Duty::tryFrom($values->word('duty') ?? '');
        if ($duty === null) {
            $results->finding(Finding::unmeasured('demand.duty', 'Duty not chosen; it decides the reserve.', 'duty'));
        } else {
            $results->figure('demand.reserve', $duty->reserve());
        }
        if ($engine === null) {
            $speedOnly = $values->has('engine.power');
            $results->finding(Finding::unmeasured(
                'demand.engine_torque',
                $speedOnly ? 'Power without the speed it is made at gives no torque: enter the speed.' : 'Engine torque not known: enter peak torque, a curve, or power with its speed.',
                $speedOnly ? 'engine.power_speed' : 'engine.peak_torque',
            ));

            return;
        }
        $results->figure('demand.engine_torque', $engine->peak);
        $said = 'Engine gives '.$display->both($engine->peak, 1.0).' at the crank';
        $finding = static fn (string $text): Finding => Finding::of('demand.engine_torque', Verdict::Within, $text)
            ->from('engine.peak_torque', 'engine.power', 'engine.power_speed', 'engine.curve', 'engine.measured_at', 'engine.uplift', 'duty')
            ->by($engine->origin.'; required = engine torque × reserve for the duty');
        if ($duty === null) {
            $results->finding($finding($said.'.'));
        } else {
            $required = $engine->required($duty->reserve());
            $results->figure('demand.required_torque', $required);
            $results->finding($finding("{$said}; with reserve ".$display->number($duty->reserve()->value, 2).' for '.lcfirst($duty->label()).' the clutch must carry '.$display->both($required, 1.0).'.'));
        }
        self::contradiction($values, $results, $display);
    }

    /** The engine's greatest torque at the crank, from whichever way it was given. */
    public static function engine(FieldValues $values): ?EngineOutput
    {
        $peak = $values->one(Torque::class, 'engine.peak_torque');
        $power = $values->one(Power::class, 'engine.power');
        $at = $values->one(Speed::class, 'engine.power_speed');
        $curve = $values->curve();
        $engine = match (true) {
            $peak !== null => EngineOutput::ofTorque($peak),
            $curve !== null => EngineOutput::ofCurve($curve),
            $power !== null && $at !== null => EngineOutput::ofPower($power, $at),
            default => null,
        };
        $where = MeasuredAt::tryFrom($values->word('engine.measured_at') ?? '') ?? MeasuredAt::Crank;

        return $engine
            ?->behindLoss($values->one(Ratio::class, 'engine.driveline_loss') ?? $where->loss())
            ->raisedBy($values->one(Ratio::class, 'engine.uplift') ?? Ratio::of(0.0));
    }

    /** An engine cannot make its power with more torque than its peak. */
    private static function contradiction(FieldValues $values, Results $results, Display $display): void
    {
        $peak = $values->one(Torque::class, 'engine.peak_torque');
        $power = $values->one(Power::class, 'engine.power');
        $at = $values->one(Speed::class, 'engine.power_speed');
        if ($peak === null || $power === null || $at === null) {
            return;
        }
        $implied = EngineOutput::ofPower($power, $at)->peak;
        if ($implied->value > $peak->value * (1 + self::DISAGREEMENT)) {
            $results->finding(Finding::of('demand.contradiction', Verdict::Near,
                'Power at its speed needs '.$display->both($implied, 1.0).', more than the peak torque entered; one of the three is wrong.')
                ->from('engine.peak_torque', 'engine.power', 'engine.power_speed')->by('torque = power ÷ speed'));
        }
    }
}
