<?php

declare(strict_types=1);

namespace Spindle\Demand;

use Spindle\Limit\Finding;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Verdict;
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

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        self::speedLimit($sheet, $results);
        $engine = self::engine($values);
        $wanted = WantedReserve::of($sheet);
        if ($wanted === null) {
            $results->finding(Finding::unmeasured('demand.duty', DemandSentences::dutyNotChosen(), 'duty'));
        } else {
            self::reserve($sheet, $wanted, $results);
        }
        if ($engine === null) {
            $speedOnly = $values->has('engine.power');
            $results->finding(
                Finding::unmeasured(
                    'demand.engine_torque',
                    $speedOnly ? DemandSentences::powerWithoutSpeed() : DemandSentences::torqueUnknown(),
                    $speedOnly ? 'engine.power_speed' : 'engine.peak_torque',
                ),
            );

            return;
        }
        $results->figure('demand.engine_torque', $engine->peak, $engine->isFloor);
        $results->figure('demand.basis', $engine->basis->value);
        if ($wanted !== null) {
            $results->figure('demand.required_torque', $engine->required($wanted->figures->reserve), $engine->isFloor);
            $results->figure('demand.harsh_torque', $engine->required($wanted->figures->harshAbove), $engine->isFloor);
        }
        $results->finding(Finding::of(
            'demand.engine_torque',
            $engine->isFloor ? Verdict::Near : Verdict::Within,
            DemandSentences::engine($engine->peak, $engine->isFloor, $wanted),
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
            ));
        self::range($engine, $results);
        self::contradiction($values, $results);
        self::modified($values, $engine, $results);
    }

    /** A reserve decided for this job stands with its reason, beside what the duty has. */
    private static function reserve(JobSheet $sheet, WantedReserve $wanted, Results $results): void
    {
        $results->figure('demand.reserve', $wanted->figures->reserve);
        if (! $wanted->isOfThisJob) {
            return;
        }
        $usual = DutyTable::of($sheet)->figures($wanted->duty)->reserve;
        $reserve = $wanted->figures->reserve;
        $results->finding(
            $wanted->reason === ''
                ? Finding::unmeasured(
                    'demand.reserve', DemandSentences::reserveWithoutReason($reserve, $wanted->duty, $usual), 'demand.reserve_reason',
                )
                : Finding::of('demand.reserve', $reserve->value < $usual->value ? Verdict::Near : Verdict::Within,
                    DemandSentences::reserve($reserve, $wanted->duty, $usual, $wanted->reason))->from('demand.reserve_wanted', 'duty'),
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
    private static function modified(FieldValues $values, EngineOutput $now, Results $results): void
    {
        $curve = $values->curve('engine.curve_before');
        if ($curve === null) {
            return;
        }
        $before = EngineOutput::ofCurve($curve)->behindLoss(self::loss($values))->peak;
        $results->figure('demand.torque_before', $before);
        $results->finding(
            Finding::of('demand.modified', $now->isFloor ? Verdict::Near : Verdict::Within, DemandSentences::modified($now->peak, $before))
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

    /** The engine's greatest torque at the crank: of all ways it was given the one that asks most of the clutch. */
    public static function engine(FieldValues $values): ?EngineOutput
    {
        $given = array_map(static fn (array $one): EngineOutput => $one[1], self::given($values));
        if ($given === []) {
            return null;
        }

        return EngineOutput::greatest($given)
            ->behindLoss(self::loss($values))
            ->raisedBy($values->one(Ratio::class, 'engine.uplift') ?? Ratio::of(0.0));
    }

    /** @return list<array{GivenOutput, EngineOutput}> each way the torque was given, as measured */
    private static function given(FieldValues $values): array
    {
        $peak = $values->one(Torque::class, 'engine.peak_torque');
        $power = $values->one(Power::class, 'engine.power');
        $at = $values->one(Speed::class, 'engine.power_speed');
        $curve = $values->curve('engine.curve');

        return [
            ...$peak === null ? [] : [[GivenOutput::Peak, EngineOutput::ofTorque($peak)]],
            ...$curve === null ? [] : [[GivenOutput::Curve, EngineOutput::ofCurve($curve)]],
            ...$power === null || $at === null ? [] : [[GivenOutput::Power, EngineOutput::ofPower($power, $at)]],
        ];
    }

    /** The driveline's share, of figures taken at the wheels; a loss entered says that they were, even against the word beside it. */
    private static function loss(FieldValues $values): Ratio
    {
        return $values->one(Ratio::class, 'engine.driveline_loss') ??
            (MeasuredAt::tryFrom($values->word('engine.measured_at') ?? '') ?? MeasuredAt::Crank)->loss();
    }

    /** Figures of one engine that cannot all be true. The one that asks more of the clutch counts until one is corrected. */
    private static function contradiction(FieldValues $values, Results $results): void
    {
        $given = self::given($values);
        $differing = [];
        foreach ($given as [$way, $output]) {
            foreach ($given as [$other, $against]) {
                // The torque at peak power lies below the peak in every engine; only above it something is wrong.
                if ($way !== $other && ! $against->isFloor && $output->peak->value > $against->peak->value * (1 + self::DISAGREEMENT)) {
                    $differing[] = [$way, $output->peak, $other, $against->peak];
                }
            }
        }
        $entered = $values->one(Ratio::class, 'engine.driveline_loss');
        $isAtCrank = $values->word('engine.measured_at') === MeasuredAt::Crank->value;
        $loss = $entered !== null && $entered->value > 0.0 && $isAtCrank ? $entered : null;
        if ($differing !== [] || $loss !== null) {
            $results->finding(
                Finding::of('demand.contradiction', Verdict::Near, DemandSentences::contradiction($differing, $loss))
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

    private static function speedLimit(JobSheet $sheet, Results $results): void
    {
        $limit = $sheet->values->one(Speed::class, 'engine.speed_limit');
        $class = $sheet->vehicleClass();
        if ($limit === null || $class === null) {
            return;
        }
        [$least, $greatest] = self::USUAL_LIMIT[in_array($class, PracticeRow::HEAVY, true) ? 'heavy' : 'light'];
        if ($limit->as('rpm') < $least || $limit->as('rpm') > $greatest) {
            $results->finding(Finding::of('demand.speed_limit', Verdict::Near, DemandSentences::unusualSpeedLimit($limit, $class))
                ->from('engine.speed_limit'));
        }
    }
}
