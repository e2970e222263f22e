<?php

declare(strict_types=1);

namespace Spindle\Walk;

use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningStage;
use Spindle\Fitting\FittingFields;
use Spindle\Fitting\FittingStep;
use Spindle\Fitting\Stretch;
use Spindle\Sheet\Field;
use Spindle\Sheet\Origin;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** What is done before what; within one of them the order is that of hands and tools. Order of the trade: common practice, no source. */
enum Phase: int
{
    /** The vehicle as it came, and its papers. */
    case AsItCame = 0;

    /** The clutch apart. */
    case Apart = 1;

    /** What goes in is chosen. */
    case Choose = 2;

    /** What came in the box, beside what came out. */
    case Compare = 3;

    /** Before the clutch goes on: what is looked up for the fitting, shaft, seals, pilot, flywheel, the housing swept. */
    case Crank = 4;

    /** Disc and cover go on, the bolts until it is seated. */
    case ClutchOn = 5;

    /** What is looked at while it is seated and not yet tight. */
    case Seated = 6;

    case Tighten = 7;

    /** As long as the housing is open. */
    case Inside = 8;

    case Close = 9;

    /** The gearbox on. */
    case Set = 10;

    case Prove = 11;

    case Record = 12;

    /** The rounds after which a cover is seated. */
    private const UNTIL_SEATED = [TighteningStage::Hand, TighteningStage::Seat];

    public static function of(Field $field): self
    {
        $place = $field->nature()->place;

        // A setting that is read at the open housing is read before it is closed; what is read from below, with the gearbox on.
        return match (true) {
            $field->station === Station::Strip && $place === Place::UnderVehicle => self::Set,
            $field->station === Station::Set && $place->isOpen() => self::Inside,
            $field->station === Station::Fit => self::fitting($field),
            default => self::at($field->station),
        };
    }

    private static function at(Station $station): self
    {
        return match ($station) {
            Station::Intake, Station::Triage, Station::Demand => self::AsItCame,
            Station::Strip => self::Apart,
            Station::Kit => self::Choose,
            Station::Bench => self::Compare,
            Station::Fit => self::Inside,
            Station::Set => self::Set,
            Station::Prove => self::Prove,
            Station::Record => self::Record,
        };
    }

    private static function fitting(Field $field): self
    {
        $step = FittingStep::decidedBy($field->key) ?? FittingFields::stepOf($field->key);
        $cover = BoltGroup::Cover;

        return match (true) {
            // Looked up before hands are greasy.
            $field->nature()->origin === Origin::Makers, $field->nature()->whose === Whose::Person => self::Crank,
            $step === FittingStep::CoverBolts => self::Tighten,
            $step !== null => self::stretch(Stretch::of($step)),
            in_array($field->key, array_map($cover->round(...), self::UNTIL_SEATED), true) => self::ClutchOn,
            in_array($field->key, [$cover->key('gap'), $cover->key('tool_slides')], true) => self::Seated,
            $field->nature()->place === Place::OpenedHousing => self::Crank,
            default => match (BoltGroup::ofRound($field->key)) {
                BoltGroup::Flywheel => self::Crank,
                BoltGroup::Cover => self::Tighten,
                BoltGroup::Housing => self::Close,
                BoltGroup::Slave, null => self::Inside,
            },
        };
    }

    private static function stretch(Stretch $stretch): self
    {
        return match ($stretch) {
            Stretch::Crank => self::Crank,
            Stretch::Clutch => self::ClutchOn,
            Stretch::Inside => self::Inside,
            Stretch::Gearbox => self::Close,
        };
    }
}
