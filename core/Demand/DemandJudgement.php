<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Limit\Finding;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Power;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Speed;
use Spindle\Quantity\Torque;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** What the engine asks of the clutch. */
final readonly class DemandJudgement implements Judgement
{
    /** Two figures of one engine may differ by this share before they contradict each other: rounding in data sheets. From memory [M]. */
    private const DISAGREEMENT = 0.03;

    /** Between which speeds engines of a class end, rev/min: to recognise a slipped digit, not to use. From memory [M]. */
    private const USUAL_LIMIT = ['light' => [3000.0, 10_000.0], 'heavy' => [1400.0, 4000.0]];

    public function topic(): Topic
    {
        return new Topic('demand.engine', 'What the engine asks');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        self::speedLimit($sheet, $results, $display);
        $engine = self::engine($values);
        $wanted = WantedReserve::of($sheet);
        if ($wanted === null) {
            $results->finding(Finding::unmeasured('demand.duty', 'Duty not chosen; it decides the reserve.', 'duty'));
        } else {
            self::reserve($sheet, $wanted, $results, $display);
        }
        if ($engine === null) {
            $speedOnly = $values->has('engine.power');
            $results->finding(
                Finding::unmeasured(
                    'demand.engine_torque',
                    $speedOnly
                        ? 'Power without the speed it is made at gives no torque: enter the speed.'
                        : 'Engine torque not known: enter peak torque, a curve, or power with its speed.',
                    $speedOnly ? 'engine.power_speed' : 'engine.peak_torque',
                ),
            );

            return;
        }
        $results->figure('demand.engine_torque', $engine->peak, $engine->isFloor);
        $results->figure('demand.basis', self::basis($values, $engine));
        $said = 'Engine gives '.($engine->isFloor ? 'at least ' : '').$display->both($engine->peak, 1.0).' at the crank';
        $finding = static fn (string $text): Finding => Finding::of(
            'demand.engine_torque',
            $engine->isFloor ? Verdict::Near : Verdict::Within,
            $text.($engine->isFloor ? ' '.self::ask($engine, $display) : ''),
        )
            ->from(
                'engine.peak_torque',
                'engine.power',
                'engine.power_speed',
                'engine.curve',
                'engine.measured_at',
                'engine.driveline_loss',
                'engine.uplift',
                'duty',
            )
            ->by(
                $engine->origin.'; required = {engine torque|demand.engine_torque} × {reserve for the duty|demand.reserve}',
                'demand.required_torque',
            );
        if ($wanted === null) {
            $results->finding($finding($said.'.'));
        } else {
            $required = $engine->required($wanted->figures->reserve);
            $results->figure('demand.required_torque', $required, $engine->isFloor);
            $results->figure('demand.harsh_torque', $engine->required($wanted->figures->harshAbove), $engine->isFloor);
            $results->finding(
                $finding(
                    "{$said}; with reserve ".
                        $display->number($wanted->figures->reserve->value, 2).
                        ($wanted->isOfThisJob ? ' of this job' : ' for '.lcfirst($wanted->duty->label())).
                        ' the clutch must carry '.
                        ($engine->isFloor ? 'at least ' : '').
                        $display->both($required, 1.0).
                        '.',
                ),
            );
        }
        self::range($engine, $results);
        self::contradiction($values, $results, $display);
        self::modified($values, $engine, $results, $display);
    }

    /** A reserve decided for this job stands with its reason, beside what the duty has. */
    private static function reserve(JobSheet $sheet, WantedReserve $wanted, Results $results, Display $display): void
    {
        $results->figure('demand.reserve', $wanted->figures->reserve);
        if (! $wanted->isOfThisJob) {
            return;
        }
        $usual = DutyTable::of($sheet)->figures($wanted->duty)->reserve;
        $said = 'Reserve '.$display->number($wanted->figures->reserve->value, 2).' on this job; '.lcfirst($wanted->duty->label()).
            ' has '.$display->number($usual->value, 2).'.';
        $results->finding(
            $wanted->reason === ''
                ? Finding::unmeasured('demand.reserve', "{$said} Say why.", 'demand.reserve_reason')
                : Finding::of('demand.reserve', $wanted->figures->reserve->value < $usual->value ? Verdict::Near : Verdict::Within,
                    "{$said} {$wanted->reason}")->from('demand.reserve_wanted', 'duty'),
        );
    }

    /** Where only power is known: between what the peak then lies. */
    private static function range(EngineOutput $engine, Results $results): void
    {
        if ($engine->isFloor) {
            $names = ['demand.range_least', 'demand.range_petrol', 'demand.range_greatest'];
            foreach (array_combine($names, EngineOutput::RISE_TO_PEAK) as $name => $rise) {
                $results->figure($name, $engine->peak->times($rise));
            }
        }
    }

    /** What a modification made of the engine, where its curve before is known. */
    private static function modified(FieldValues $values, EngineOutput $now, Results $results, Display $display): void
    {
        $curve = $values->curve('engine.curve_before');
        if ($curve === null) {
            return;
        }
        $before = EngineOutput::ofCurve($curve)->behindLoss(self::loss($values))->peak;
        $results->figure('demand.torque_before', $before);
        $rise = $now->peak->ratioTo($before)->value - 1;
        $results->finding(
            Finding::of('demand.modified', $now->isFloor ? Verdict::Near : Verdict::Within,
                'Modified: '.$display->both($now->peak, 1.0).' now, '.$display->both($before, 1.0).' before, '.
                ($rise < 0 ? '−' : '+').$display->percent(abs($rise)).'. What it gives now counts.')
                ->from('engine.curve_before', 'engine.curve', 'engine.peak_torque', 'engine.uplift'),
        );
    }

    /** The speed at which a curve has its peak; nothing without one. */
    public static function speedOfPeak(FieldValues $values): ?Speed
    {
        $peak = null;
        foreach ($values->curve('engine.curve') ?? [] as $point) {
            $peak = $peak === null || $point[1]->value > $peak[1]->value ? $point : $peak;
        }

        return $peak[0] ?? null;
    }

    /** What the peak may be where only power is known, and what would settle it. */
    private static function ask(EngineOutput $engine, Display $display): string
    {
        [$least, $petrol, $diesel] = EngineOutput::RISE_TO_PEAK;

        return 'That is the torque at the speed of peak power; the peak comes earlier and is higher: about '.
            $display->quantity($engine->peak->times($least), 1.0).
            ' to '.
            $display->quantity($engine->peak->times($petrol), 1.0).
            ' with petrol, up to '.
            $display->quantity($engine->peak->times($diesel), 1.0).
            ' with a turbocharged diesel. Enter the peak torque or the curve.';
    }

    private static function basis(FieldValues $values, EngineOutput $engine): string
    {
        return match (true) {
            $engine->isFloor => 'power_floor',
            $values->curve('engine.curve') !== null && str_starts_with($engine->origin, 'greatest torque of the curve') => 'curve',
            default => 'peak',
        };
    }

    /** The engine's greatest torque at the crank: of all ways it was given the one that asks most of the clutch. */
    public static function engine(FieldValues $values): ?EngineOutput
    {
        $given = array_values(self::given($values));
        if ($given === []) {
            return null;
        }

        return EngineOutput::greatest($given)
            ->behindLoss(self::loss($values))
            ->raisedBy($values->one(Ratio::class, 'engine.uplift') ?? Ratio::of(0.0));
    }

    /** @return array<string, EngineOutput> each way the torque was given, by its name in a sentence, as measured */
    private static function given(FieldValues $values): array
    {
        $peak = $values->one(Torque::class, 'engine.peak_torque');
        $power = $values->one(Power::class, 'engine.power');
        $at = $values->one(Speed::class, 'engine.power_speed');
        $curve = $values->curve('engine.curve');

        return array_filter([
            'the peak torque entered' => $peak === null ? null : EngineOutput::ofTorque($peak),
            'the curve' => $curve === null ? null : EngineOutput::ofCurve($curve),
            'power at its speed' => $power === null || $at === null ? null : EngineOutput::ofPower($power, $at),
        ], static fn (?EngineOutput $output): bool => $output !== null);
    }

    /** The driveline's share, of figures taken at the wheels; a loss entered says that they were, even against the word beside it. */
    private static function loss(FieldValues $values): Ratio
    {
        return $values->one(Ratio::class, 'engine.driveline_loss') ??
            (MeasuredAt::tryFrom($values->word('engine.measured_at') ?? '') ?? MeasuredAt::Crank)->loss();
    }

    /** Figures of one engine that cannot all be true. The one that asks more of the clutch counts until one is corrected. */
    private static function contradiction(FieldValues $values, Results $results, Display $display): void
    {
        $given = self::given($values);
        $said = [];
        foreach ($given as $name => $output) {
            foreach ($given as $other => $against) {
                // The torque at peak power lies below the peak in every engine; only above it something is wrong.
                if ($name !== $other && ! $against->isFloor && $output->peak->value > $against->peak->value * (1 + self::DISAGREEMENT)) {
                    $said[] =
                        ucfirst($name).
                        ' gives '.
                        $display->both($output->peak, 1.0).
                        ", {$other} ".
                        $display->both($against->peak, 1.0);
                }
            }
        }
        $entered = $values->one(Ratio::class, 'engine.driveline_loss');
        $loss = [];
        if ($entered !== null && $entered->value > 0.0 && $values->word('engine.measured_at') === MeasuredAt::Crank->value) {
            $loss[] =
                'A driveline loss of '.
                $display->percent($entered->value, $entered->value < 0.01 ? 1 : 0).
                ' is entered for a figure said to be taken at the crank; it counts until one of them is corrected';
        }
        $all = $said === [] ? [] : ['They cannot all be true; the greater counts until one is corrected'];
        if ($said !== [] || $loss !== []) {
            $results->finding(
                Finding::of(
                    'demand.contradiction',
                    Verdict::Near,
                    implode('. ', [...$said, ...$all, ...$loss]).'.',
                )
                    ->from(
                        'engine.peak_torque',
                        'engine.power',
                        'engine.power_speed',
                        'engine.curve',
                        'engine.measured_at',
                        'engine.driveline_loss',
                    )
                    ->by('torque = power ÷ speed; the greatest of the figures counts'),
            );
        }
    }

    private static function speedLimit(JobSheet $sheet, Results $results, Display $display): void
    {
        $limit = $sheet->values->one(Speed::class, 'engine.speed_limit');
        $class = $sheet->vehicleClass();
        if ($limit === null || $class === null) {
            return;
        }
        [$least, $greatest] = self::USUAL_LIMIT[in_array($class, PracticeRow::HEAVY, true) ? 'heavy' : 'light'];
        if ($limit->as('rpm') < $least || $limit->as('rpm') > $greatest) {
            $results->finding(Finding::of('demand.speed_limit', Verdict::Near, 'An engine that ends at '.$display->quantity($limit, 1.0)
                ." is unusual in a {$class->value}. A digit or a unit slipped? The burst speed is judged by it.")
                ->from('engine.speed_limit'));
        }
    }
}
