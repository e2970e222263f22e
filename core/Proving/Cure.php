<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Limit\Said;
use Spindle\Quantity\Length;
use Spindle\Release\ChainOfSheet;
use Spindle\Release\ReleaseChain;
use Spindle\Release\SettingOption;
use Spindle\Release\SettingSteps;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Vehicle\Actuation;

/** Where a test that failed is cured, and by how much. */
final readonly class Cure
{
    /** Less free play at the pad than this is none, mm. From memory [M]. */
    private const NO_PLAY_MM = 1.0;

    /** @param  string  $reading  what is set or looked at there */
    private function __construct(public Station $station, public Said $said, public string $reading)
    {
    }

    public static function of(Test $test, JobSheet $sheet): self
    {
        return match ($test) {
            Test::Selection, Test::Creep => self::moreStroke($sheet),
            Test::TakeUp => self::set(ProvingSentences::setTakeUp(), 'release.take_up_wanted'),
            Test::Feel => self::feel($sheet),
            Test::Switches => self::set(ProvingSentences::heightThenSwitches(),
                'release.pedal_travel'),
            Test::Truck => self::set(ProvingSentences::measureTruckAgain(), 'truck.bearing_gap'),
            Test::TwoStage => self::set(ProvingSentences::stopThenLevers(), 'two_stage.travel_to_first'),
            Test::Leaks => self::set(ProvingSentences::findTheWetPlace(),
                'hydraulics.proof'),
            Test::Slip => self::slip($sheet),
            Test::Judder => new self(Station::Strip, ProvingSentences::whatWasSeenOpen(), 'disc.conditions'),
        };
    }

    private static function set(Said $said, string $reading): self
    {
        return new self(Station::Set, $said, $reading);
    }

    /** Two turns more stroke, unless the bearing would be driven too far, no play is left to give, or air or lost motion takes it. */
    private static function moreStroke(JobSheet $sheet): self
    {
        if ($sheet->actuation() === Actuation::Pull) {
            return self::set(ProvingSentences::brakeGapAndPedal(),
                'truck.bearing_gap');
        }
        if ($sheet->values->flag('release.self_adjusting')) {
            return self::set(ProvingSentences::cableAdjustsItself(), 'release.pad_moved');
        }
        if ($sheet->actuation()?->isHydraulic() === true && $sheet->values->word('hydraulics.proof') === null) {
            return self::set(ProvingSentences::bleedingNotProved(),
                'hydraulics.blocked_travel');
        }
        $chain = ChainOfSheet::chain($sheet);
        $steps = SettingSteps::of($sheet);
        $turns = SettingSteps::AT_A_TIME;
        $left = $steps->foretold(count($steps->turns), $turns);
        if (! $chain instanceof ReleaseChain || $left === null) {
            return self::set(ProvingSentences::twoTurnsAndMeasure(), 'release.turns_made');
        }
        $most = $sheet->values->one(Length::class, 'kit.release_travel_max');
        $then = $chain->with(freePlay: $left)->bearingTravel();

        return match (true) {
            $chain->freePlay->value <= 0.0 => self::set(ProvingSentences::noPlayToGive(), 'release.pad_moved'),
            $most !== null && $then->value > $most->value => self::set(
                ProvingSentences::bearingTooFar($then, $most), 'release.pad_moved',
            ),
            default => self::set(ProvingSentences::lengthenTheRod($turns, $left, $then), 'release.turns_made'),
        };
    }

    private static function feel(JobSheet $sheet): self
    {
        $stop = SettingOption::stopOf($sheet)?->to;

        return $sheet->values->flag('release.firm_again')
            ? self::set(ProvingSentences::tooMuchStroke($stop), 'release.firm_again')
            : ($sheet->actuation()?->isHydraulic() === true
                ? self::set(ProvingSentences::softSeeTheAir(), 'hydraulics.blocked_travel')
                : self::set(ProvingSentences::freeTheLinkage(), 'release.pad_moved'));
    }

    private static function slip(JobSheet $sheet): self
    {
        $play = SettingSteps::of($sheet)->freePlay();

        return $play !== null && $play->value < self::NO_PLAY_MM
            ? self::set(ProvingSentences::shortenTheRod($play), 'release.turns_made')
            : new self(Station::Demand, ProvingSentences::compareWithTheEngine(), 'engine.peak_torque');
    }
}
