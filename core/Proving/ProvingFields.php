<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Limit\Instrument;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Drawing;
use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Prove: each test with its result and round, what was measured, and when the vehicle is looked at again. */
final class ProvingFields
{
    public const HEIGHT = 'prove.take_up.height';

    public const UNTRIED = 'prove.untried';

    /** Told where a test failed: it decides the cure. */
    public const GRINDS = 'prove.selection.which';

    public const STAGE = 'prove.two_stage.which';

    public const RECHECK_ON = 'prove.recheck.on';

    public const RECHECK_AFTER = 'prove.recheck.after';

    public const RECHECK_HOURS = 'prove.recheck.hours';

    /** @return list<Field> */
    public static function all(): array
    {
        $at = Station::Prove;
        $again = Nature::chosen(Whose::Job);

        return [
            ...array_merge(...array_map(self::ofTest(...), Test::cases())),
            Make::words(self::GRINDS, Kind::Word, $at, 'What grinds', [
                'first' => 'First alone, reverse is quiet', 'reverse' => 'Reverse', 'both' => 'Both',
            ])->is($again),
            Make::words(self::STAGE, Kind::Word, $at, 'Which stage does not let go', [
                'travel' => 'Travel', 'take_off' => 'Take-off',
            ])->is($again),
            Make::text(self::UNTRIED, $at, 'Nothing was tried, because')->how('only where no test at all could be done')
                ->is($again->mayName()),
            Make::fromZero(self::HEIGHT, $at, 'Take-up, from the floor', Dimension::Length, 400)->takenWith(Instrument::SteelRule)
                ->how('where it just begins to pull')
                ->is(Nature::measured(Whose::Job, Place::Cab)->proof()->drawn(Drawing::Pedal, 'take-up')),
            (new Field(self::RECHECK_ON, Kind::Date, $at, 'Look at it again on'))->is($again->conclusion()),
            Make::fromZero(self::RECHECK_AFTER, $at, 'Look at it again after', Dimension::Distance, 500_000)->in('km')
                ->is($again->conclusion()),
            Make::fromZero(self::RECHECK_HOURS, $at, 'Look at it again after hours', Dimension::Duration, 200_000)->in('h')
                ->is($again->conclusion()),
        ];
    }

    /** @return list<Field> */
    private static function ofTest(Test $test): array
    {
        $at = Station::Prove;
        $tried = Nature::measured(Whose::Job, $test->place(), 5)->proof();
        $said = Nature::chosen(Whose::Job);

        return [
            Make::choice($test->key('result'), $at, $test->label(), TestResult::cases())->is($tried),
            Make::count($test->key('round'), $at, "{$test->label()}: round", 50)->is($said),
            Make::text($test->key('felt'), $at, "{$test->label()}: what was felt")->is($said->mayName()),
            Make::text($test->key('why'), $at, "{$test->label()}: why not done")->is($said->mayName()),
        ];
    }
}
