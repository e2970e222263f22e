<?php

declare(strict_types=1);

namespace App\Books;

use Spindle\Triage\Cause;
use Spindle\Triage\Signs;
use Spindle\Triage\Tests;

/** A cause in the table of evidence: how common it is and what speaks for it, in the words of the signs and tests. */
final readonly class CauseLine
{
    private function __construct(
        public Cause $cause,
        public string $strong,
        public string $some,
        public string $against,
        public int $ownFigures,
    ) {
    }

    /** @param  list<string>  $own what the shop has set, of whatever cause: "pilot.prior" */
    public static function of(Cause $cause, array $own): self
    {
        return new self(
            $cause, self::said($cause->strong), self::said($cause->some), self::said($cause->against),
            count(array_filter($own, static fn (string $name): bool => str_starts_with($name, "{$cause->id}."))),
        );
    }

    /** The words of one sign, one test, or of how common a cause is. */
    public static function evidence(string $name): string
    {
        return Signs::all()[$name] ?? lcfirst(Tests::all()[$name]->label ?? 'how common it is');
    }

    /** @param  list<string>  $names */
    private static function said(array $names): string
    {
        return implode(', ', array_map(self::evidence(...), $names));
    }
}
