<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Quantity\Range;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Station;

/** Fit: the bolts of each group, the wrench, and which bolt went through which round. */
final class FasteningFields
{
    public const WRENCH = ['fastening.wrench_from', 'fastening.wrench_to'];

    /** @return list<Field> */
    public static function all(): array
    {
        $at = Station::Fit;

        return [
            Make::quantity(self::WRENCH[0], $at, 'Wrench, from', Dimension::Torque, 0.5, 2000),
            Make::quantity(self::WRENCH[1], $at, 'Wrench, to', Dimension::Torque, 1, 5000),
            ...array_merge(...array_map(self::ofGroup(...), BoltGroup::cases())),
        ];
    }

    /** @return list<Field> */
    private static function ofGroup(BoltGroup $group): array
    {
        $at = Station::Fit;
        $name = $group->label();
        $number = Range::between(Ratio::of(1.0), Ratio::of(BoltLayout::MOST));

        return [
            Make::choice($group->key('layout'), $at, "{$name}: bolts stand", BoltLayout::cases(), 'on a circle when left out'),
            new Field($group->key('bolts'), Kind::Count, $at, "{$name}: how many bolts", Dimension::Ratio,
                Range::between(Ratio::of(BoltLayout::FEWEST), Ratio::of(BoltLayout::MOST))),
            Make::text($group->key('thread'), $at, "{$name}: thread", 'such as M8x1.25'),
            Make::choice($group->key('grade'), $at, "{$name}: grade on the heads", Grade::cases()),
            Make::flag($group->key('oiled'), $at, "{$name}: threads oiled"),
            Make::quantity($group->key('torque'), $at, "{$name}: torque", Dimension::Torque, 0.5, 2000, how: "the maker's"),
            Make::quantity($group->key('angle'), $at, "{$name}: and then turned by", Dimension::Angle, 5 / 360, 1, unit: '°',
                how: 'where the maker asks for it'),
            Make::words($group->key('stages'), Kind::Words, $at, "{$name}: rounds", array_column(array_map(
                static fn (TighteningStage $s): array => [$s->value, $s->label()], TighteningStage::cases(),
            ), 1, 0), 'all but the angle when left out'),
            Make::text($group->key('differ'), $at, "{$name}: bolts that differ", 'a line each: 3: M10x1.5, 60 long'),
            Make::lengths($group->key('gap'), $at, "{$name}: gap while it is seated", 50, 4, Instrument::FeelerGauge, 'four places around'),
            Make::flag($group->key('tool_slides'), $at, "{$name}: alignment tool slides"),
            ...array_map(static fn (TighteningStage $stage): Field => new Field(
                $group->key("done_{$stage->value}"), Kind::Quantities, $at, "{$name}: ".lcfirst($stage->label()).', bolts done',
                Dimension::Ratio, $number, BoltLayout::MOST,
            ), TighteningStage::cases()),
        ];
    }
}
