<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Limit\Said;
use Spindle\Quantity\Length;
use Spindle\Release\SettingOption;
use Spindle\Release\SettingSteps;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;

/**
 * Where a test that failed is cured, and by how much: of a table the first row that holds. What cures what is common practice, no
 * source.
 */
final readonly class Cure
{
    /** @param  string  $reading  what is set or looked at there */
    private function __construct(public Station $station, public Said $said, public string $reading)
    {
    }

    public static function of(Test $test, JobSheet $sheet): self
    {
        $case = new CureCase($sheet);
        $rows = array_filter(self::rows(), static fn (array $row): bool => in_array($test, $row[0], true) && $row[1]($case));

        return array_values($rows)[0][2]($case);
    }

    /**
     * Test × what is known → cure, amount, where. The last row of each test holds whatever is known.
     *
     * @return list<array{list<Test>, \Closure(CureCase): bool, \Closure(CureCase): self}>
     */
    private static function rows(): array
    {
        $drag = [Test::Selection, Test::Creep];
        $always = static fn (CureCase $c): bool => true;
        $turns = SettingSteps::AT_A_TIME;

        return [
            // It drags.
            [[Test::Selection], static fn (CureCase $c): bool => $c->says('prove.selection.which', 'first'),
                static fn (): self => new self(Station::Prove, ProvingSentences::synchroniserOfFirst(), 'prove.selection.which')],
            [$drag, static fn (CureCase $c): bool => $c->isFirmAgain(),
                static fn (CureCase $c): self => self::set(ProvingSentences::tooMuchStroke(SettingOption::stopOf($c->sheet)?->to),
                    'release.firm_again')],
            [$drag, static fn (CureCase $c): bool => $c->isHydraulic() && $c->isSoft(),
                static fn (): self => self::set(ProvingSentences::softSeeTheAir(), 'hydraulics.blocked_travel')],
            [$drag, static fn (CureCase $c): bool => $c->isBleedingUnproved(),
                static fn (): self => self::set(ProvingSentences::bleedingNotProved(), 'hydraulics.blocked_travel')],
            [$drag, static fn (CureCase $c): bool => $c->isGapEnough(),
                static fn (): self => new self(Station::Strip, ProvingSentences::notTheStroke(), 'release.air_gap_measured')],
            [$drag, static fn (CureCase $c): bool => $c->isTruckPull(),
                static fn (): self => self::set(ProvingSentences::brakeGapAndPedal(), 'truck.bearing_gap')],
            [$drag, static fn (CureCase $c): bool => $c->adjustsItself(),
                static fn (): self => self::set(ProvingSentences::cableAdjustsItself(), 'release.pad_moved')],
            [$drag, static fn (CureCase $c): bool => $c->hasNoPlay() || $c->leavesTooLittle($turns),
                static fn (CureCase $c): self => self::set(ProvingSentences::noPlayToGive($c->leastPlay()), 'release.pad_moved')],
            [$drag, static fn (CureCase $c): bool => $c->bearingAfter($turns) === null,
                static fn (): self => self::set(ProvingSentences::twoTurnsAndMeasure(), 'release.turns_made')],
            [$drag, static fn (CureCase $c): bool => ($c->bearingAfter($turns)->value ?? 0.0) > ($c->mostTravel()->value ?? INF),
                static fn (CureCase $c): self => self::set(
                    ProvingSentences::bearingTooFar($c->bearingAfter($turns) ?? Length::mm(0.0), $c->mostTravel() ?? Length::mm(0.0)),
                    'release.pad_moved',
                )],
            [$drag, $always, static fn (CureCase $c): self => self::set(ProvingSentences::moreStroke(
                $turns, $c->playAfter($turns) ?? Length::mm(0.0), $c->bearingAfter($turns) ?? Length::mm(0.0), $c->adjuster(),
            ), 'release.turns_made')],
            // The pedal.
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->bites() > 0 && $c->isLiningUsedUp(),
                static fn (): self => new self(Station::Strip, ProvingSentences::highOfWear(), 'disc.thickness')],
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->isTruckPull(),
                static fn (): self => self::set(ProvingSentences::measureTruckAgain(), 'truck.bearing_gap')],
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->bites() < 0 && $c->isFirmAgain(),
                static fn (CureCase $c): self => self::set(ProvingSentences::tooMuchStroke(SettingOption::stopOf($c->sheet)?->to),
                    'release.firm_again')],
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->bites() < 0 && $c->isHydraulic() && $c->isSoft(),
                static fn (): self => self::set(ProvingSentences::softSeeTheAir(), 'hydraulics.blocked_travel')],
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->bites() < 0 && $c->isBleedingUnproved(),
                static fn (): self => self::set(ProvingSentences::bleedingNotProved(), 'hydraulics.blocked_travel')],
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->adjustsItself(),
                static fn (): self => self::set(ProvingSentences::cableAdjustsItself(), 'release.pad_moved')],
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->bites() < 0 && ($c->hasNoPlay() || $c->leavesTooLittle($turns)),
                static fn (CureCase $c): self => self::set(ProvingSentences::noPlayToGive($c->leastPlay()), 'release.pad_moved')],
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->bites() < 0,
                static fn (CureCase $c): self => self::set(ProvingSentences::bitesLow($turns, $c->adjuster(), $c->leastPlay()),
                    'release.turns_made')],
            [[Test::TakeUp], static fn (CureCase $c): bool => $c->bites() > 0,
                static fn (CureCase $c): self => self::set(ProvingSentences::bitesHigh($turns, $c->adjuster()), 'release.turns_made')],
            [[Test::TakeUp], $always, static fn (): self => self::set(ProvingSentences::setTakeUp(), 'prove.take_up.height')],
            [[Test::Feel], static fn (CureCase $c): bool => $c->isFirmAgain(),
                static fn (CureCase $c): self => self::set(ProvingSentences::tooMuchStroke(SettingOption::stopOf($c->sheet)?->to),
                    'release.firm_again')],
            [[Test::Feel], static fn (CureCase $c): bool => $c->isHydraulic(),
                static fn (): self => self::set(ProvingSentences::softSeeTheAir(), 'hydraulics.blocked_travel')],
            [[Test::Feel], $always, static fn (): self => self::set(ProvingSentences::freeTheLinkage(), 'release.pad_moved')],
            [[Test::Switches], $always, static fn (): self => self::set(ProvingSentences::heightThenSwitches(), 'release.pedal_travel')],
            [[Test::Truck], $always, static fn (): self => self::set(ProvingSentences::measureTruckAgain(), 'truck.bearing_gap')],
            [[Test::Leaks], $always, static fn (): self => self::set(ProvingSentences::findTheWetPlace(), 'hydraulics.proof')],
            // Each stage of a tractor is cured at itself.
            [[Test::TwoStage], static fn (CureCase $c): bool => $c->says('prove.two_stage.which', 'travel'),
                static fn (): self => self::set(ProvingSentences::travelStage(), 'two_stage.air_gap_travel')],
            [[Test::TwoStage], static fn (CureCase $c): bool => $c->says('prove.two_stage.which', 'take_off'),
                static fn (): self => self::set(ProvingSentences::takeOffStage(), 'two_stage.air_gap_take_off')],
            [[Test::TwoStage], $always, static fn (): self => new self(Station::Prove, ProvingSentences::whichStage(),
                'prove.two_stage.which')],
            // It slips.
            [[Test::Slip], static fn (CureCase $c): bool => $c->isTruckPull() && $c->hasNoForkPlay(),
                static fn (CureCase $c): self => self::set(ProvingSentences::turnTheRing($c->forkPlay() ?? Length::mm(0.0)),
                    'truck.fork_play')],
            [[Test::Slip], static fn (CureCase $c): bool => $c->isTruckPull() && $c->forkPlay() === null,
                static fn (): self => self::set(ProvingSentences::measureForkPlay(), 'truck.fork_play')],
            [[Test::Slip], static fn (CureCase $c): bool => $c->hasNoPlay() && ! $c->adjustsItself(),
                static fn (CureCase $c): self => self::set(ProvingSentences::givePlay($c->play() ?? Length::mm(0.0), $c->adjuster()),
                    'release.turns_made')],
            [[Test::Slip], $always,
                static fn (): self => new self(Station::Demand, ProvingSentences::compareWithTheEngine(), 'engine.peak_torque')],
            [[Test::Judder], $always, static fn (): self => new self(Station::Strip, ProvingSentences::whatWasSeenOpen(),
                'disc.conditions')],
        ];
    }

    private static function set(Said $said, string $reading): self
    {
        return new self(Station::Set, $said, $reading);
    }
}
