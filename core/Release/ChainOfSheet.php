<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\Actuation;

/** The release chain as a sheet describes it, or what it cannot be worked out without. */
final class ChainOfSheet
{
    /**
     * What hose and cable, and the cover, may take where nobody entered it: up to a share of the stroke, and up to this lift, mm.
     * From memory [M].
     */
    private const USUAL_STROKE_LOSS = 0.08;

    private const USUAL_COVER_LOSS = 0.2;

    /** The lengths of the chain that are measured; ratios and bores are taken from the maker, or off the part. */
    private const MEASURED = [
        'release.pedal_travel',
        'release.booster_stroke',
        'release.free_play',
        'release.play_after',
        'release.clearance',
        'release.depth_to_fingers',
        'release.bearing_height',
        'release.cushion',
        'release.master_bore',
        'release.slave_bore',
        'release.slave_outer',
        'release.slave_inner',
    ];

    /**
     * What is judged of the chain, with how far the lengths it is made from let it be known. The shims stay as they were chosen.
     *
     * @return array{}|array{
     *     'release.bearing_travel': Estimate<Length>, 'release.air_gap_face': Estimate<Length>,
     *     'release.take_up_percent'?: Estimate<Ratio>,
     * } nothing where the chain is not known
     */
    public static function known(JobSheet $sheet): array
    {
        $shims = ClearanceJudgement::shims($sheet);

        /**
         * @var array{}|array{
         *     'release.bearing_travel': Estimate<Length>, 'release.air_gap_face': Estimate<Length>,
         *     'release.take_up_percent'?: Estimate<Ratio>,
         * } $known
         */
        $known = Estimate::several(
            $sheet,
            static function (JobSheet $s) use ($shims): array {
                $chain = self::withLosses($s, 0.0, 0.0, $shims);

                return $chain instanceof ReleaseChain
                    ? [
                        'release.bearing_travel' => $chain->bearingTravel(),
                        'release.air_gap_face' => $chain->airGapFace(),
                        'release.take_up_percent' => $chain->takeUpFromFloor(),
                    ]
                    : [];
            },
            ...self::MEASURED,
        );

        return $known;
    }

    /** @return ReleaseChain|list<string> the chain, or what it cannot be worked out without */
    public static function chain(JobSheet $sheet): ReleaseChain|array
    {
        return self::withLosses($sheet, 0.0, 0.0, ClearanceJudgement::shims($sheet));
    }

    /** @return ReleaseChain|list<string> the chain with the usual losses where none are entered */
    public static function withUsualLosses(JobSheet $sheet): ReleaseChain|array
    {
        return self::withLosses($sheet, self::USUAL_STROKE_LOSS, self::USUAL_COVER_LOSS, ClearanceJudgement::shims($sheet));
    }

    /**
     * With these losses where none are entered.
     *
     * @return ReleaseChain|list<string>
     */
    private static function withLosses(JobSheet $sheet, float $stroke, float $cover, ?Length $shims): ReleaseChain|array
    {
        $values = $sheet->values;
        $travel = $values->one(Length::class, 'release.pedal_travel');
        $pedal = self::pedalRatio($sheet);
        $steps = SettingSteps::of($sheet);
        $play = $steps->freePlay();
        $fork = self::forkRatio($sheet);
        // Pushed by cable or rod the hand feels nothing until the bearing meets the fingers: the free play holds the clearance already.
        $clearance =
            in_array($sheet->actuation(), [Actuation::Cable, Actuation::Rod], true) || LightContact::of($sheet)
                ? Length::mm(0.0)
                : ClearanceJudgement::direct($sheet) ?? ClearanceJudgement::shimmed($sheet, $shims);
        $finger = MovedRatio::of($values, MovedRatio::FINGER);
        $cushion = $values->one(Length::class, 'release.cushion');
        $between = self::transmission($sheet, $stroke);
        if (
            $travel === null ||
            $pedal === null ||
            $play === null ||
            $fork === null ||
            $clearance === null ||
            $finger === null ||
            $cushion === null ||
            ! $between instanceof Transmission
        ) {
            return [
                ...$values->missing(
                    'release.pedal_travel',
                    'release.cushion',
                ),
                ...($play === null ? [$steps->key()] : []),
                ...($pedal === null ? [MovedRatio::PEDAL] : []),
                ...($finger === null ? [MovedRatio::FINGER] : []),
                ...($fork === null ? ['release.fork_ratio'] : []),
                ...($clearance === null ? ['release.clearance'] : []),
                ...($between instanceof Transmission ? [] : $between),
            ];
        }

        return new ReleaseChain(
            $travel,
            $pedal,
            $play,
            $between,
            $fork,
            $clearance,
            $finger,
            $values->one(Length::class, 'release.cover_loss') ?? Length::mm($cover),
            $cushion,
            self::discs($sheet),
        );
    }

    /** As entered; 1 for a concentric bearing, which has no fork. */
    public static function forkRatio(JobSheet $sheet): ?Ratio
    {
        return MovedRatio::of($sheet->values, MovedRatio::FORK)
            ?? ($sheet->actuation() === Actuation::Concentric ? Ratio::of(1.0) : null);
    }

    /** How far the outer end of the fork moves for one of the pushrod, turned round; nothing where it is not known. */
    public static function between(JobSheet $sheet): ?Ratio
    {
        $between = self::transmission($sheet);

        return $between instanceof Transmission ? Ratio::of($between->force) : null;
    }

    /** Of the kit; where it does not say, as many as the vehicle has. */
    private static function discs(JobSheet $sheet): int
    {
        return $sheet->isTwoStage() ? 1 : $sheet->values->count('kit.discs') ?? ($sheet->isTwinDisc() ? 2 : 1);
    }

    /** @return Transmission|list<string> */
    private static function transmission(JobSheet $sheet, float $strokeLoss = 0.0): Transmission|array
    {
        $values = $sheet->values;
        if ($sheet->isAirAssisted()) {
            return self::boosted($sheet);
        }
        $linkage = MovedRatio::of($values, MovedRatio::LINKAGE);
        if ($linkage !== null && $sheet->actuation()?->isHydraulic() !== true) {
            return Transmission::mechanical($linkage, $values->one(Ratio::class, 'release.stroke_loss') ?? Ratio::of($strokeLoss));
        }
        $master = $values->one(Length::class, 'release.master_bore');
        $slave = self::slave($values);
        if ($master !== null && $slave !== null) {
            return Transmission::hydraulic($master, $slave, $values->one(Ratio::class, 'release.stroke_loss') ?? Ratio::of($strokeLoss));
        }

        return match (true) {
            $sheet->actuation()?->isHydraulic() !== true && $master === null && $slave === null => ['release.linkage_ratio'],
            default => [...$values->missing('release.master_bore'), ...($slave === null ? ['release.slave_bore'] : [])],
        };
    }

    /** Behind a booster it cancels out of what is measured there, and is not asked. */
    private static function pedalRatio(JobSheet $sheet): ?Ratio
    {
        return MovedRatio::of($sheet->values, MovedRatio::PEDAL) ?? ($sheet->isAirAssisted() ? Ratio::of(1.0) : null);
    }

    /**
     * Behind a booster nobody knows ratios: what its rod does while the pedal goes down is measured, and shared evenly over the stroke.
     *
     * @return Transmission|list<string>
     */
    private static function boosted(JobSheet $sheet): Transmission|array
    {
        $values = $sheet->values;
        $stroke = $values->one(Length::class, 'release.booster_stroke');
        $travel = $values->one(Length::class, 'release.pedal_travel');
        $play = SettingSteps::of($sheet)->freePlay();
        $pedal = self::pedalRatio($sheet);
        $ofRod = $travel === null || $play === null || $pedal === null ? 0.0 : ($travel->value - $play->value) / $pedal->value;

        return $stroke === null || $ofRod <= 0.0
            ? $values->missing('release.booster_stroke') : Transmission::measured($stroke, Length::mm($ofRod));
    }

    /** The cylinder at the gearbox end, as far as its bores are entered. */
    public static function slave(FieldValues $values): ?SlaveCylinder
    {
        $bore = $values->one(Length::class, 'release.slave_bore');
        $outer = $values->one(Length::class, 'release.slave_outer');
        $inner = $values->one(Length::class, 'release.slave_inner');

        return match (true) {
            $outer !== null && $inner !== null => SlaveCylinder::annular($outer, $inner),
            $bore !== null => SlaveCylinder::round($bore),
            default => null,
        };
    }
}
