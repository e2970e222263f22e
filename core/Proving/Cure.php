<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Quantity\Display;
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
    private function __construct(public Station $station, public string $said, public string $reading)
    {
    }

    public static function of(Test $test, JobSheet $sheet, Display $display): self
    {
        return match ($test) {
            Test::Selection, Test::Creep => self::moreStroke($sheet, $display),
            Test::TakeUp => self::set('Set the rod for the take-up that is wanted, two turns at a time.', 'release.take_up_wanted'),
            Test::Feel => self::feel($sheet, $display),
            Test::Switches => self::set('Pedal height and upper switch first, then the lower stop, then the switches again.',
                'release.pedal_travel'),
            Test::Truck => self::set('Measure brake, bearing gap, fork play and free pedal again; the case read from them says '
                .'what to turn.', 'truck.bearing_gap'),
            Test::TwoStage => self::set('Set the stop bolt for just enough air of the travel stage, then the levers of the '
                .'take-off.', 'two_stage.travel_to_first'),
            Test::Leaks => self::set('Find the wet place, replace what leaks, bleed, and prove it by the blocked slave.',
                'hydraulics.proof'),
            Test::Slip => self::slip($sheet, $display),
            Test::Judder => new self(Station::Strip, 'Oil or grease on the lining, the face of the flywheel, fingers bolted down, '
                .'mounts: what was seen when it was open says which.', 'disc.conditions'),
        };
    }

    private static function set(string $said, string $reading): self
    {
        return new self(Station::Set, $said, $reading);
    }

    /** Two turns more stroke, unless the bearing would be driven too far, no play is left to give, or air or lost motion takes it. */
    private static function moreStroke(JobSheet $sheet, Display $display): self
    {
        if ($sheet->actuation() === Actuation::Pull) {
            return self::set('Clutch brake, bearing gap and free pedal first: measured again they say what to turn.',
                'truck.bearing_gap');
        }
        if ($sheet->values->flag('release.self_adjusting')) {
            return self::set('The cable adjusts itself: look at its ratchet, its outer and the bulkhead.', 'release.pad_moved');
        }
        if ($sheet->actuation()?->isHydraulic() === true && $sheet->values->word('hydraulics.proof') === null) {
            return self::set('The bleeding was never proved: block the slave and press before anything is turned.',
                'hydraulics.blocked_travel');
        }
        $chain = ChainOfSheet::chain($sheet);
        $steps = SettingSteps::of($sheet);
        $turns = SettingSteps::AT_A_TIME;
        $left = $steps->foretold(count($steps->turns), $turns);
        if (! $chain instanceof ReleaseChain || $left === null) {
            return self::set('Two turns more stroke, measure the free play, and try again.', 'release.turns_made');
        }
        $most = $sheet->values->one(Length::class, 'kit.release_travel_max');
        $then = $chain->with(freePlay: $left)->bearingTravel();

        return match (true) {
            $chain->freePlay->value <= 0.0 => self::set('No free play is left to give: look for lost motion and air, then at the '
                .'bores.', 'release.pad_moved'),
            $most !== null && $then->value > $most->value => self::set('Two turns more would drive the bearing '
                .$display->quantity($then, 0.1).', and the cover takes '.$display->quantity($most, 0.1)
                .': no more stroke. Look for lost motion and air.', 'release.pad_moved'),
            default => self::set('Lengthen the rod by '.$display->number($turns, 0).' turns: free play comes to '
                .$display->quantity($left, 0.5).', the bearing goes '.$display->quantity($then, 0.1)
                .'. Measure, see that the pedal does not turn firm again, and try once more.', 'release.turns_made'),
        };
    }

    private static function feel(JobSheet $sheet, Display $display): self
    {
        $stop = SettingOption::stopOf($sheet)?->to;

        return $sheet->values->flag('release.firm_again')
            ? self::set('Too much stroke: set the stop'.($stop === null ? '' : ' at '.$display->quantity($stop, 1.0)
                .' from the top').'.', 'release.firm_again')
            : ($sheet->actuation()?->isHydraulic() === true
                ? self::set('Soft: block the slave and see what air is left.', 'hydraulics.blocked_travel')
                : self::set('Pivots, cable and linkage: free through all their travel, greased, square.', 'release.pad_moved'));
    }

    private static function slip(JobSheet $sheet, Display $display): self
    {
        $play = SettingSteps::of($sheet)->freePlay();

        return $play !== null && $play->value < self::NO_PLAY_MM
            ? self::set('There is '.$display->quantity($play, 0.5).' of free play: the bearing may be holding the cover. Shorten '
                .'the rod first.', 'release.turns_made')
            : new self(Station::Demand, 'Compare what the clutch carries with what the engine gives; oil on the lining, or a fork '
                .'that does not come back.', 'engine.peak_torque');
    }
}
