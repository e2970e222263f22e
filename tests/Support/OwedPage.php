<?php

declare(strict_types=1);

namespace Tests\Support;

use Spindle\Assessment\Owed\Free;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Field;

/** The page of the documentation that says what each kind of job owes before it is signed, and which entries are free. */
final class OwedPage
{
    public const FILE = 'docs/owed.md';

    public static function text(): string
    {
        [$jobs, $entries] = self::owed();
        $lines = [
            '# What a job owes before it is signed', '',
            'Made by `bin/owed` from the table in `core/Assessment/Owed` and from complete jobs of each kind '
            .'(`tests/Support/CompleteJobs.php`): an entry is owed where the job cannot be signed without it. Counted are readings, looks, '
            .'steps and tests of the job, a group of ticks as one; data of the vehicle, its actuation and the kit are not counted.', '',
            '| | job | entries owed |', '|---|---|---|',
        ];
        foreach (array_keys($jobs) as $i => $job) {
            $lines[] = '| '.self::letter($i)." | {$job} | {$jobs[$job]} |";
        }
        $lines = [...$lines, '', '## Each entry, and why', '', '| entry | asked by | why |', '|---|---|---|'];
        foreach ($entries as $key => [$letters, $why]) {
            $lines[] = '| '.Subjects::dictionary()->get($key)->label." | {$letters} | {$why} |";
        }
        $lines = [...$lines, '', '## What is free', '', 'Taken out of a complete job, or with a digit slipped (three or ten times too much '
            .'or too little), these entries make nothing turn near, unmeasured or out. `tests/Core/Assessment/EveryEntryTest.php` tries '
            .'every entry of every job, and holds that nothing else is silent.', '',
            '| entry | may be missing | a slip is not seen | why |', '|---|---|---|---|'];
        foreach (Free::all() as $row) {
            $labels = array_map(static fn (string $key): string => Subjects::dictionary()->get($key)->label, $row->fields);
            $lines[] = '| '.implode('; ', $labels).' | '.($row->isFreeToMiss ? 'yes' : '–').' | '.($row->isFreeToSlip ? 'yes' : '–')
                ." | {$row->why} |";
        }

        return implode("\n", $lines)."\n";
    }

    /** @return array{array<string, int>, array<string, array{string, string}>} how many by job; by entry, which jobs and why */
    private static function owed(): array
    {
        $jobs = $entries = [];
        foreach (array_keys(CompleteJobs::all()) as $i => $name) {
            $least = (new Spoilt(CompleteJobs::all()[$name]))->least();
            $owed = array_values(array_filter($least->fields(), Spoilt::counts(...)));
            $jobs[$name] = count($owed);
            foreach ($owed as $field) {
                $entries[$field->key] = [($entries[$field->key][0] ?? '').self::letter($i), $entries[$field->key][1]
                    ?? self::why($least, $field)];
            }
        }
        uksort($entries, static fn (string $a, string $b): int => array_search($a, array_keys(Subjects::dictionary()->all()), true)
            <=> array_search($b, array_keys(Subjects::dictionary()->all()), true));

        return [$jobs, $entries];
    }

    private static function why(Spoilt $job, Field $field): string
    {
        return strtr($job->whyNotWithout($field)[0] ?? '', ["\u{a0}" => ' ', "\u{202f}" => ' ', '|' => '/', "\n" => ' ']);
    }

    private static function letter(int $i): string
    {
        return chr(ord('a') + $i);
    }
}
