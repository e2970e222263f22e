<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Sheet\Field;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Place;
use Spindle\Sheet\Station;
use Spindle\Sheet\Whose;

/** Triage: the signs, and how each test from outside turned out; and, once it is open, why the clutch failed. */
final class TriageFields
{
    public const POSITIVE = 'positive';

    public const NEGATIVE = 'negative';

    public const SIGNS = 'triage.signs';

    public const ABSENT = 'triage.absent';

    /** What it failed by, and how one thing led to the other. */
    public const CAUSES = 'why.causes';

    public const WORDS = 'why.words';

    /** @return list<Field> */
    public static function all(): array
    {
        $job = Nature::chosen(Whose::Job)->reading();

        return [
            Make::words(self::SIGNS, Kind::Words, Station::Triage, 'Signs', Signs::all())
                ->how('what the driver says and what you notice')
                ->is($job),
            Make::words(self::ABSENT, Kind::Words, Station::Triage, 'Asked for, and not there', Signs::all())
                ->how('a sign that nobody asked for says nothing; one that was asked for and is not there speaks against its causes')
                ->is($job),
            ...array_values(
                array_map(
                    static fn (OutsideTest $test): Field => Make::words(
                        self::key($test), Kind::Word, Station::Triage, $test->label,
                        [self::POSITIVE => 'Yes: '.$test->positive, self::NEGATIVE => 'No'],
                    )
                        ->how($test->how)->is(($test->place === Place::Desk ? Nature::chosen(Whose::Vehicle)->minutes($test->minutes)
                            : Nature::measured(Whose::Vehicle, $test->place, $test->minutes))->reading()),
                    Tests::all(),
                ),
            ),
            Make::choice('triage.kind', Station::Triage, 'What this job comes to', Outcome::cases())
                ->how('stations it does not reach are left out; it can grow later and keeps what it has')->is($job->conclusion()),
            Make::text('triage.repaired', Station::Triage, 'Part of the actuation mended')->how('which, and what was done')
                ->is($job->mayName()),
            Make::text('triage.referred', Station::Triage, 'What it is instead')->how('and where it was sent')->is($job->mayName()),
            Make::words(
                self::CAUSES, Kind::Words, Station::Strip, 'Why the old clutch failed',
                array_map(static fn (Cause $c): string => lcfirst($c->label), Causes::all()),
            )
                ->how('what you conclude; one or more')->is($job->conclusion()),
            Make::text(self::WORDS, Station::Strip, 'In your words')->how('how one thing led to the other')->is($job->mayName()),
        ];
    }

    public static function key(OutsideTest $test): string
    {
        return 'triage.'.$test->id;
    }

    /** The test whose outcome is entered in a field; nothing where it is that of none. */
    public static function testOf(string $key): ?OutsideTest
    {
        return str_starts_with($key, 'triage.') ? Tests::all()[substr($key, strlen('triage.'))] ?? null : null;
    }
}
