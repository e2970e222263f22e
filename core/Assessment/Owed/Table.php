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
            Debt::of('vehicle.owed_name', 'Which vehicle it is, is not written down.', $always)->each('vehicle.name'),
            Debt::of('vehicle.owed_complaint', 'What the customer says is not written down; the work is proved against it.', $always)
                ->each('complaint'),
            Debt::of('vehicle.owed_meter', 'The meter is not read: wear, the next check and the record count from it.', $always)
                ->any('odometer', 'hour_meter'),
            Debt::of('vehicle.owed_build', 'How the clutch is built is not said: it decides which parts there are.',
                static fn (JobCase $case): bool => $case->isOpened)->each('vehicle.pilot'),
            Debt::of('vehicle.owed_discs', 'One disc or two is not said; of a truck it is asked and never assumed.',
                static fn (JobCase $case): bool => $case->isOpened && $case->class === VehicleClass::Truck)->each('vehicle.discs'),
            Debt::of('vehicle.owed_adjusting', 'Adjusted by hand or by itself is not said: a self-adjusting clutch is never turned.',
                static fn (JobCase $case): bool => $case->isTruckPull() && $case->isSet())->each('vehicle.adjusting'),
            Debt::of('vehicle.owed_stages', 'One stage or two is not said: each stage has its own disc and its own setting.',
                static fn (JobCase $case): bool => $case->isSet() && $case->class === VehicleClass::Tractor)->each('vehicle.stages'),
            Debt::of('vehicle.owed_take_off', 'The rated speed of the take-off is not known: it ties the take-off\'s power to the engine.',
                static fn (JobCase $case): bool => $case->isOpened && $case->sheet->isTwoStage())->each('vehicle.take_off_speed'),
            Debt::of('triage.owed_signs', 'No sign and no test from outside is written down; the outcome rests on them.', $always)
                ->any('triage.signs', ...array_map(TriageFields::key(...), array_values(Tests::all()))),
            Debt::of('triage.owed_kind', 'What the job comes to is not said; it decides what the job has to show.', $always)
                ->each('triage.kind'),
            Debt::of('demand.owed_speed', 'The speed limit of the engine is not known: what turns with it has to stand it.',
                static fn (JobCase $case): bool => $case->isOpened)->each('engine.speed_limit'),
        ];
    }

    /** @return list<Debt> what is looked at once the clutch is open */
    private static function looks(): array
    {
        $rows = [];
        foreach (StripPart::cases() as $part) {
            if ($part->isOwed()) {
                // A face that is mapped was looked at.
                $rows[] = Debt::of($part->lookedAt(), $part->unseen(), static fn (JobCase $case): bool => $case->isOpened)
                    ->any($part->lookedAt(), ...$part->map());
            }
        }

        return [
            ...$rows,
            Debt::of('why.owed_causes', 'Why the old clutch failed is not concluded; a new one meets the same end.',
                static fn (JobCase $case): bool => $case->isOpened)->each('why.causes'),
        ];
    }

    /** @return list<Debt> */
    private static function readings(): array
    {
        return [
            Debt::of('pilot.owed_play', 'Play of the shaft in the pilot not measured; a worn one grabs and whines under the new clutch.',
                static fn (JobCase $case): bool => $case->isOpened && $case->hasPilot())
                ->any('pilot.play', 'pilot.bore')->each('pilot.kind'),
            Debt::of('intermediate.owed_readings', 'The plate between the discs goes back; its clearance on the pins and its flatness are '
                .'not measured.', static fn (JobCase $case): bool => $case->isOpened && $case->isReused(KitPart::IntermediatePlate))
                ->each('intermediate.pin_clearance', 'intermediate.flatness'),
            Debt::of('cover.owed_kind', 'Fingers or levers is not said: a lever set has parts of its own.',
                static fn (JobCase $case): bool => $case->isOpened && $case->class === VehicleClass::Tractor)->each('cover.kind'),
        ];
    }

    /** @return list<Debt> */
    private static function kit(): array
    {
        $fits = static fn (JobCase $case): bool => $case->hasKit;
        $pairs = [Pair::Outer, Pair::HubFlywheel, Pair::HubGearbox, Pair::Fingers];

        return [
            Debt::of('kit.owed_choice', 'Which kit goes in is not chosen, nor that the old disc goes back.',
                static fn (JobCase $case): bool => $case->isOpened && ! $case->hasKit)->any('kit.name', 'parts.disc'),
            Debt::of('bench.owed_trial', 'New against old: the alignment tool and the cover on its dowels are not tried.', $fits)
                ->each('bench.tool', 'bench.sits'),
            Debt::of('bench.owed_box', 'Whether the parts came whole is not said; a strap bent in the box slips or drags for ever.', $fits)
                ->each('bench.damage'),
            Debt::of('bench.owed_sizes', 'New against old is not measured: outer diameter, hub on both sides, height of the '
                .'fingers.', $fits)
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
            Debt::of('fit.owed_order', 'The order of fitting is not kept: no step of it is entered.', $opened)->any(...$steps),
            Debt::of('fastening.owed_cover', 'The bolts of the cover are not entered: how many, and the maker\'s torque.', $opened)
                ->each($cover->key('bolts'), $cover->key('torque')),
            Debt::of('fastening.owed_gap', 'Whether the cover came down square is not said: the gap around it, and the alignment tool that '
                .'still slides.', $opened)->each($cover->key('gap'), $cover->key('tool_slides')),
            Debt::of('fastening.owed_flywheel', 'The flywheel comes off; its bolts are not entered: how many, and the maker\'s torque.',
                static fn (JobCase $case): bool => $case->isFlywheelOff())
                ->each(BoltGroup::Flywheel->key('bolts'), BoltGroup::Flywheel->key('torque')),
            Debt::of('fastening.owed_slave', 'The bolts of the concentric slave are not entered: how many, and the maker\'s torque.',
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
            Debt::of('release.owed_gap', 'Whether the clutch lets go is neither measured nor worked out: the air gap, or the chain from '
                .'the pedal.', static fn (JobCase $case): bool => $case->isOpened)
                ->any('release.air_gap_measured', 'release.pedal_travel'),
            Debt::of('release.owed_in_hand', 'How far the slave can still be pushed back is not measured: worn linings bottom it.',
                static fn (JobCase $case): bool => $case->isOpened && $case->actuation === Actuation::Slave)
                ->any('release.slave_stroke_left', 'release.rod_adjustable'),
            Debt::of('release.owed_set', 'What was set is not measured: the free play at the pad.',
                static fn (JobCase $case): bool => $case->isSet() && ! $case->isTruckPull())
                ->any('release.free_play', 'release.play_after', 'release.self_adjusting'),
            Debt::of('truck.owed_linkage', 'Brake, bearing gap, fork play and free pedal are read together, and after any setting anew.',
                static fn (JobCase $case): bool => $case->isTruckPull() && $case->isSet())
                ->each('truck.brake', 'truck.bearing_gap', 'truck.fork_play', 'truck.free_pedal'),
            Debt::of('truck.owed_squeeze', 'Where in the pedal the clutch brake meets is not measured: touched on every change '
                .'it wears out.',
                static fn (JobCase $case): bool => $case->isTruckPull() && $case->isSet())->each('truck.brake_squeeze'),
            Debt::of('two_stage.owed_setting', 'Of the two stages not everything is measured: lever heights, the whole travel and that to '
                .'the first release, the air gap of either disc.', $isTwoStage)
                ->each('two_stage.lever_heights', 'two_stage.travel_total', 'two_stage.travel_to_first', 'two_stage.air_gap_travel',
                    'two_stage.air_gap_take_off'),
        ];
    }

    /** @return list<Debt> */
    private static function hydraulics(): array
    {
        $opened = static fn (JobCase $case): bool => $case->isCircuitOpened();

        return [
            Debt::of('hydraulics.owed_fluid', 'The circuit was opened: which fluid went in, and which one the maker names, is not said.',
                $opened)->each('hydraulics.fluid', 'hydraulics.fluid_wanted'),
            Debt::of('hydraulics.owed_bleeding', 'The circuit was opened: how it was bled, and how far, is not said.', $opened)
                ->each('hydraulics.school', 'hydraulics.steps_done'),
            Debt::of('hydraulics.owed_proof', 'The circuit was opened: it owes its proof, the pedal against a blocked slave or firm and '
                .'without bubbles twice running.', $opened)->each('hydraulics.proof'),
        ];
    }

    /** @return list<Debt> */
    private static function proving(): array
    {
        $isSet = static fn (JobCase $case): bool => $case->isSet();
        $isTried = static fn (JobCase $case): bool => $case->isSet() && $case->isTried();

        // Tests that nobody made at all are one thing to say; a reason for it makes no proof of them.
        return [
            Debt::of('prove.tests', 'Nothing is proved: the tests are to be done, or to say why nothing was tried.',
                static fn (JobCase $case): bool => $case->isSet() && ! $case->isTried())->each(ProvingFields::UNTRIED),
            Debt::of('prove.owed_release', 'That it lets go is not proved: first and reverse selected, or the air gap measured.', $isTried)
                ->any(Test::Selection->key('result'))
                ->orBy(static fn (JobCase $case): bool => $case->isPassed(Test::Selection)
                    || ($case->sheet->values->has('release.air_gap_measured') && $case->isWithin('release.air_gap'))),
            Debt::of('prove.owed_hold', 'That it holds is not proved: a slip test passed, or a margin that is worked out.',
                static fn (JobCase $case): bool => $case->isTried() && Test::Slip->isOwed($case->sheet))
                ->any(Test::Slip->key('result'))
                ->orBy(static fn (JobCase $case): bool => $case->isPassed(Test::Slip)
                    || ($case->isWithin('capacity.margin') && $case->isWithin('capacity.floor'))),
            Debt::of('prove.owed_leaks', 'That the hydraulics stay dry is not proved: looked at after ten presses and a run.',
                static fn (JobCase $case): bool => $case->isTried() && Test::Leaks->isOwed($case->sheet))->each(Test::Leaks->key('result')),
            // Bled, nothing was moved; a truck set by its gap, fork play and free pedal is measured there.
            Debt::of('prove.owed_take_up', 'Where it takes up is not measured: from the floor, and of how much travel.',
                static fn (JobCase $case): bool => Test::TakeUp->isOwed($case->sheet) && $case->outcome !== Outcome::Bleed
                    && ! ($case->outcome === Outcome::Adjust && $case->isTruckPull()))
                ->each(ProvingFields::HEIGHT, 'release.pedal_travel'),
            Debt::of('prove.owed_recheck', 'When it is looked at again is not said.', $isSet)
                ->any(ProvingFields::RECHECK_AFTER, ProvingFields::RECHECK_HOURS, ProvingFields::RECHECK_ON),
        ];
    }
}
