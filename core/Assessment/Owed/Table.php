<?php

declare(strict_types=1);

namespace Spindle\Assessment\Owed;

use Spindle\Assessment\StripPart;
use Spindle\Bench\Pair;
use Spindle\Fastening\BoltGroup;
use Spindle\Fitting\FittingFields;
use Spindle\Fitting\FittingStep;
use Spindle\Kit\KitPart;
use Spindle\Proving\ProvingFields;
use Spindle\Proving\Test;
use Spindle\Release\MeasuredGap;
use Spindle\Triage\Outcome;
use Spindle\Triage\Tests;
use Spindle\Triage\TriageFields;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\VehicleClass;

/**
 * What a job owes before it is signed, row by row: when, which entries, why. Common practice, no source; what the trade's own limits and
 * formulas ask for besides, their judgements say.
 */
final class Table
{
    /** @var list<Debt>|null */
    private static ?array $rows = null;

    /** @return list<Debt> in the order of the work */
    public static function rows(): array
    {
        return self::$rows ??= [
            ...self::intake(), ...self::looks(), ...self::readings(), ...self::kit(), ...self::fitting(), ...self::setting(),
            ...self::hydraulics(), ...self::proving(),
        ];
    }

    /** @return list<Debt> */
    private static function intake(): array
    {
        $always = static fn (JobCase $case): bool => true;

        return [
            Debt::of('vehicle.owed_name', $always)->each('vehicle.name'),
            Debt::of('vehicle.owed_complaint', $always)
                ->each('complaint'),
            Debt::of('vehicle.owed_meter', $always)
                ->any('odometer', 'hour_meter'),
            Debt::of('vehicle.owed_build', static fn (JobCase $case): bool => $case->isOpened)->each('vehicle.pilot'),
            Debt::of('vehicle.owed_discs', static fn (JobCase $case): bool => $case->isOpened && $case->class === VehicleClass::Truck)
                ->each('vehicle.discs'),
            Debt::of('vehicle.owed_assistance', static fn (JobCase $case): bool => $case->isOpened && $case->isHydraulicTruck())
                ->each('vehicle.assistance'),
            Debt::of('vehicle.owed_adjusting', static fn (JobCase $case): bool => $case->isTruckPull() && $case->isSet())
                ->each('vehicle.adjusting'),
            Debt::of('vehicle.owed_stages', static fn (JobCase $case): bool => $case->isSet() && $case->class === VehicleClass::Tractor)
                ->each('vehicle.stages'),
            Debt::of('vehicle.owed_take_off', static fn (JobCase $case): bool => $case->isOpened && $case->sheet->isTwoStage())
                ->each('vehicle.take_off_speed'),
            Debt::of('triage.owed_signs', $always)
                ->any('triage.signs', ...array_map(TriageFields::key(...), array_values(Tests::all()))),
            Debt::of('triage.owed_kind', $always)
                ->each('triage.kind'),
            Debt::of('demand.owed_speed', static fn (JobCase $case): bool => $case->isOpened)->each('engine.speed_limit'),
        ];
    }

    /** @return list<Debt> what is looked at once the clutch is open */
    private static function looks(): array
    {
        $rows = [];
        foreach (StripPart::cases() as $part) {
            if ($part->isOwed()) {
                // A face that is mapped was looked at.
                $rows[] = Debt::of($part->lookedAt(), static fn (JobCase $case): bool => $case->isOpened, OwedSentences::notLookedAt($part))
                    ->any($part->lookedAt(), ...$part->map());
            }
        }

        return [
            ...$rows,
            Debt::of('why.owed_causes', static fn (JobCase $case): bool => $case->isOpened)->each('why.causes'),
        ];
    }

    /** @return list<Debt> */
    private static function readings(): array
    {
        return [
            Debt::of('pilot.owed_play', static fn (JobCase $case): bool => $case->isOpened && $case->hasPilot())
                ->any('pilot.play', 'pilot.bore')->each('pilot.kind'),
            Debt::of('intermediate.owed_readings',
                static fn (JobCase $case): bool => $case->isOpened && $case->isReused(KitPart::IntermediatePlate))
                ->each('intermediate.pin_clearance', 'intermediate.flatness'),
            Debt::of('cover.owed_kind', static fn (JobCase $case): bool => $case->isOpened && $case->class === VehicleClass::Tractor)
                ->each('cover.kind'),
        ];
    }

    /** @return list<Debt> */
    private static function kit(): array
    {
        $fits = static fn (JobCase $case): bool => $case->hasKit;
        $pairs = [Pair::Outer, Pair::HubFlywheel, Pair::HubGearbox, Pair::Fingers];

        return [
            Debt::of('kit.owed_choice', static fn (JobCase $case): bool => $case->isOpened && ! $case->hasKit)
                ->any('kit.name', 'parts.disc'),
            Debt::of('bench.owed_trial', $fits)
                ->each('bench.tool', 'bench.sits'),
            Debt::of('bench.owed_box', $fits)
                ->each('bench.damage'),
            Debt::of('bench.owed_sizes', $fits)
                ->each(...array_merge(...array_map(static fn (Pair $p): array => [$p->old(), $p->new()], $pairs))),
        ];
    }

    /** @return list<Debt> */
    private static function fitting(): array
    {
        $opened = static fn (JobCase $case): bool => $case->isOpened;
        $steps = array_map(FittingFields::key(...), FittingStep::cases());
        $cover = BoltGroup::Cover;

        return [
            Debt::of('fit.owed_order', $opened)->any(...$steps),
            Debt::of('fastening.owed_cover', $opened)
                ->each($cover->key('bolts'), $cover->key('torque')),
            Debt::of('fastening.owed_gap', $opened)->each($cover->key('gap'), $cover->key('tool_slides')),
            Debt::of('fastening.owed_flywheel', static fn (JobCase $case): bool => $case->isFlywheelOff())
                ->each(BoltGroup::Flywheel->key('bolts'), BoltGroup::Flywheel->key('torque')),
            Debt::of('fastening.owed_slave',
                static fn (JobCase $case): bool => $case->isOpened && $case->actuation === Actuation::Concentric)
                ->each(BoltGroup::Slave->key('bolts'), BoltGroup::Slave->key('torque')),
        ];
    }

    /** @return list<Debt> */
    private static function setting(): array
    {
        $isTwoStage = static fn (JobCase $case): bool => $case->sheet->isTwoStage()
            && in_array($case->outcome, [Outcome::Strip, Outcome::Adjust], true);

        return [
            Debt::of('release.owed_gap', static fn (JobCase $case): bool => $case->isOpened)
                ->any(MeasuredGap::READING, 'release.pedal_travel', ...MeasuredGap::sides()),
            Debt::of('release.owed_in_hand', static fn (JobCase $case): bool => $case->isOpened && $case->actuation === Actuation::Slave)
                ->any('release.slave_stroke_left', 'release.rod_adjustable'),
            Debt::of('release.owed_set', static fn (JobCase $case): bool => $case->isSet() && ! $case->isTruckPull())
                ->any('release.free_play', 'release.play_after', 'release.self_adjusting'),
            Debt::of('truck.owed_linkage', static fn (JobCase $case): bool => $case->isTruckPull() && $case->isSet())
                ->each('truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'),
            Debt::of('truck.owed_squeeze', static fn (JobCase $case): bool => $case->isTruckPull() && $case->isSet())
                ->each('truck.brake_squeeze'),
            Debt::of('two_stage.owed_setting', $isTwoStage)
                ->each('two_stage.lever_heights', 'two_stage.travel_total', 'two_stage.travel_to_first', 'two_stage.air_gap_travel',
                    'two_stage.air_gap_take_off'),
        ];
    }

    /** @return list<Debt> */
    private static function hydraulics(): array
    {
        $opened = static fn (JobCase $case): bool => $case->isCircuitOpened();

        return [
            Debt::of('hydraulics.owed_fluid', $opened)->each('hydraulics.fluid', 'hydraulics.fluid_wanted'),
            Debt::of('hydraulics.owed_bleeding', $opened)
                ->each('hydraulics.school', 'hydraulics.steps_done'),
            Debt::of('hydraulics.owed_proof', $opened)->each('hydraulics.proof'),
        ];
    }

    /** @return list<Debt> */
    private static function proving(): array
    {
        $isSet = static fn (JobCase $case): bool => $case->isSet();
        $isTried = static fn (JobCase $case): bool => $case->isSet() && $case->isTried();

        // Tests that nobody made at all are one thing to say; a reason for it makes no proof of them.
        return [
            Debt::of('prove.tests', static fn (JobCase $case): bool => $case->isSet() && ! $case->isTried())->each(ProvingFields::UNTRIED),
            Debt::of('prove.owed_release', $isTried)
                ->any(Test::Selection->key('result'))
                ->orBy(static fn (JobCase $case): bool => $case->isPassed(Test::Selection)
                    || (MeasuredGap::isThere($case->sheet) && $case->isWithin('release.air_gap'))),
            Debt::of('prove.owed_hold', static fn (JobCase $case): bool => $case->isTried() && Test::Slip->isOwed($case->sheet))
                ->any(Test::Slip->key('result'))
                ->orBy(static fn (JobCase $case): bool => $case->isPassed(Test::Slip)
                    || ($case->isWithin('capacity.margin') && $case->isWithin('capacity.floor'))),
            Debt::of('prove.owed_leaks', static fn (JobCase $case): bool => $case->isTried() && Test::Leaks->isOwed($case->sheet))
                ->each(Test::Leaks->key('result')),
            // Bled, nothing was moved; a truck set by its gap, fork play and free pedal is measured there.
            Debt::of('prove.owed_take_up',
                static fn (JobCase $case): bool => Test::TakeUp->isOwed($case->sheet) && $case->outcome !== Outcome::Bleed
                    && ! ($case->outcome === Outcome::Adjust && $case->isTruckPull()))
                ->each(ProvingFields::HEIGHT, 'release.pedal_travel'),
            Debt::of('prove.owed_recheck', $isSet)
                ->any(ProvingFields::RECHECK_AFTER, ProvingFields::RECHECK_HOURS, ProvingFields::RECHECK_ON),
        ];
    }
}
