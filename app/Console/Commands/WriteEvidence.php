<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Spindle\Triage\Cause;
use Spindle\Triage\Causes;
use Spindle\Triage\OutsideTest;
use Spindle\Triage\Priors;
use Spindle\Triage\Signs;
use Spindle\Triage\Strength;
use Spindle\Triage\Tests;

/** Writes the page of the table triage counts by from the data it comes from. */
final class WriteEvidence extends Command
{
    public const FILE = 'docs/triage.md';

    protected $signature = 'triage:write';

    protected $description = 'Write the table of causes, signs and tests to '.self::FILE;

    public function handle(): int
    {
        file_put_contents(base_path(self::FILE), self::text());
        $this->info(self::FILE.' written.');

        return self::SUCCESS;
    }

    public static function text(): string
    {
        $factors = [];
        foreach (Priors::table() as $kind => $causes) {
            foreach ($causes as $cause => $factor) {
                $factors[] = '| '.$kind.' | '.lcfirst(Causes::all()[$cause]->label)." | {$factor} |";
            }
        }

        return implode("\n", [
            '# What triage counts by',
            '',
            'Made by `php artisan triage:write` from the data the program uses. Which way a sign speaks is common practice without '.
            'a source [CP]; every number is from memory [M], a default that a shop changes in its book of evidence.',
            '',
            '| strength | of a hundred vehicles with the cause, so many show the sign | the circumstance | so many turn the test '.
            'out positive | so many show it to a look |',
            '|---|---|---|---|---|',
            ...array_map(
                static fn (Strength $s): string => "| {$s->label()} | ".
                    100 * $s->ofSign().
                    ' | '.
                    100 * $s->ofCircumstance().
                    ' | '.
                    100 * $s->ofTest().
                    ' | '.
                    100 * $s->ofLook().
                    ' |',
                Strength::cases(),
            ),
            '',
            'Circumstances (many kilometres, towing, a foot on the pedal, hard use) are common on sound vehicles. Age that is known '.
            'counts by the cause alone, not by the sign as well. What a build cannot have holds no share, and a sign or test of it '.
            'is not heeded.',
            '',
            '## Causes',
            '',
            '| cause | comes to | common | strongly for it | somewhat | against it | settled by |',
            '|---|---|---|---|---|---|---|',
            ...array_map(self::row(...), array_values(Causes::all())),
            '',
            '## More or less common on one kind of vehicle',
            '',
            '| vehicle or actuation | cause | times |',
            '|---|---|---|',
            ...$factors,
            '',
            'Causes that grow with age count '.
            Priors::OLD_FACTOR.
            ' times on an old clutch and '.
            Priors::YOUNG_FACTOR.
            ' times on a young one.',
            '',
            '## Tests',
            '',
            '| test | how | positive when | minutes | helper | engine | caution |',
            '|---|---|---|---|---|---|---|',
            ...array_map(
                static fn (OutsideTest $t): string => "| {$t->label} | {$t->how} | {$t->positive} | {$t->minutes} | ".
                    ($t->needsHelper ? 'yes' : 'no').
                    ' | '.
                    ($t->engineRuns ? 'on' : 'off').
                    " | {$t->caution} |",
                array_values(Tests::all()),
            ),
            '',
        ]);
    }

    private static function row(Cause $cause): string
    {
        $say = static fn (array $names): string => implode(
            ', ',
            array_map(
                static fn (mixed $n): string => is_string($n) ? Signs::all()[$n] ?? '*'.lcfirst(Tests::all()[$n]->label).'*' : '',
                $names,
            ),
        );

        return "| {$cause->label} | ".
            lcfirst($cause->outcome->label()).
            " | {$cause->prior} | {$say($cause->strong)} | {$say($cause->some)} | {$say($cause->against)} | {$cause->settles} |";
    }
}
