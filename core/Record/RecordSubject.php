<?php

declare(strict_types=1);

namespace Spindle\Record;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\Field;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Sheet\Substance;
use Spindle\Sheet\Whose;

/** What is written down with a job when it is closed, beside what was measured. Nothing of it is judged. */
final readonly class RecordSubject implements Subject
{
    public const CHECKED = 'record.checked';

    /** Photos chosen for the printed sheet, by the beginnings of the hashes of their files. */
    public const PHOTOS = 'record.photos';

    /** Why a job is closed that is not signed: opened by mistake, or given up. */
    public const CLOSED = 'record.closed';

    public const BATCHES = 'record.batches';

    /** How the shop signs: {"second": "yes"} where a second person looks before. */
    public const SIGNING = 'signing';

    /** Whether a job is closed without being signed: somebody said why in words that say something. */
    public static function isClosed(FieldValues $values): bool
    {
        return Substance::isIn($values->word(self::CLOSED) ?? '');
    }

    /** @return list<string> */
    public static function chosen(string $typed): array
    {
        return array_values(array_filter(explode(' ', $typed), static fn (string $p): bool => $p !== ''));
    }

    /** @throws SheetError with the place */
    private static function signing(mixed $given): object
    {
        $map = Sections::map($given, self::SIGNING);

        return in_array($map['second'] ?? 'no', ['yes', 'no'], true) ? (object) $map
            : throw SheetError::wrongType(self::SIGNING.'.second', 'yes or no', $map['second'] ?? null);
    }

    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Record, 'record');
        $dictionary->fields(self::fields(...));
        $dictionary->section(Shop::NAME, Shop::section());
        $dictionary->section(self::SIGNING, new Section(
            self::signing(...),
            ['type' => 'object', 'properties' => ['second' => ['enum' => ['yes', 'no']]]],
        ));
    }

    /** @return list<Field> */
    private static function fields(): array
    {
        $job = Nature::chosen(Whose::Job)->reading();

        return [
            Make::text(self::BATCHES, Station::Record, 'Batch numbers of what went in')->how('a line each: clutch disc: 24-1187')->is($job),
            Make::text(self::PHOTOS, Station::Record, 'Photos on the printed sheet')->is($job->identity()),
            Make::text(self::CLOSED, Station::Record, 'Closed without signing, because')
                ->how('opened by mistake, or given up; empty again, the job goes on')->is($job->mayName()),
            Make::flag(self::CHECKED, Station::Record, 'Looked over by a second person')->how('entered by whoever looked, not by who signs')
                ->is(Nature::chosen(Whose::Person)->reading()),
        ];
    }
}
