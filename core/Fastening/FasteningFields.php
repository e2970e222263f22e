<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Fit: the bolts of each group, the wrench, and which bolt went through which round. */
final class FasteningFields
{
    public const WRENCH = ['fastening.wrench_from', 'fastening.wrench_to'];

    /** @return list<Field> */
    public static function all(): array
    {
        $at = Station::Fit;
        $wrench = Nature::chosen(Whose::Person);

        return [
            Make::quantity(self::WRENCH[0], $at, 'Wrench, from', Range::of(Dimension::Torque, 0.5, 2000))->is($wrench),
            Make::quantity(self::WRENCH[1], $at, 'Wrench, to', Range::of(Dimension::Torque, 1, 5000))->is($wrench),
            ...array_merge(...array_map(self::ofGroup(...), BoltGroup::cases())),
        ];
    }

    /** @return list<Field> */
    private static function ofGroup(BoltGroup $group): array
    {
        $at = Station::Fit;
        $name = $group->label();
        $makers = Nature::makers(Whose::Vehicle)->drawn(Drawing::Bolts, $group->value);
        $done = Nature::measured(Whose::Job, Place::Flywheel)->drawn(Drawing::Bolts, $group->value);
        $number = Range::between(Ratio::of(1.0), Ratio::of(BoltLayout::MOST));

        return [
            Make::choice($group->key('layout'), $at, "{$name}: bolts stand", BoltLayout::cases())->how('on a circle when left out')
                ->is($makers),
            (new Field($group->key('bolts'), Kind::Count, $at, "{$name}: how many bolts", Dimension::Ratio,
                Range::between(Ratio::of(BoltLayout::FEWEST), Ratio::of(BoltLayout::MOST))))
                ->is($group === BoltGroup::Cover ? $makers->sameAs('match.bolt_count') : $makers),
            Make::text($group->key('thread'), $at, "{$name}: thread")->how('such as M8x1.25')->is($makers),
            Make::choice($group->key('grade'), $at, "{$name}: grade on the heads", Grade::cases())->is($makers),
            Make::flag($group->key('oiled'), $at, "{$name}: threads oiled")->is($makers),
            Make::quantity($group->key('torque'), $at, "{$name}: torque", Range::of(Dimension::Torque, 0.5, 2000))->how("the maker's")
                ->is($makers),
            Make::quantity($group->key('angle'), $at, "{$name}: and then turned by", Range::of(Dimension::Angle, 5 / 360, 1))->in('°')
                ->how('where the maker asks for it')->is($makers),
            Make::words($group->key('stages'), Kind::Words, $at, "{$name}: rounds", array_column(array_map(
                static fn (TighteningStage $s): array => [$s->value, $s->label()], TighteningStage::cases(),
            ), 1, 0))->how('all but the angle when left out')->is($done),
            Make::text($group->key('differ'), $at, "{$name}: bolts that differ")->how('a line each: 3: M10x1.5, 60 long')->is($makers),
            Make::lengths($group->key('gap'), $at, "{$name}: gap while it is seated", 50, 4)->takenWith(Instrument::FeelerGauge)
                ->how('four places around')
                ->is($done),
            Make::flag($group->key('tool_slides'), $at, "{$name}: alignment tool slides")->is($done),
            ...array_map(static fn (TighteningStage $stage): Field => (new Field(
                $group->round($stage), Kind::Quantities, $at, "{$name}: ".lcfirst($stage->label()).', bolts done',
                Dimension::Ratio, $number, BoltLayout::MOST,
            ))->is($done), TighteningStage::cases()),
        ];
    }
}
