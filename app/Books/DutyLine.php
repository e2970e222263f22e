<?php

declare(strict_types=1);

namespace App\Books;

use App\Jobs\ReaderLocale;
use Spindle\Demand\Duty;
use Spindle\Limit\Provenance;

/** What a duty asks of a clutch over the engine, as the limits book shows it. */
final readonly class DutyLine
{
    private function __construct(public string $name, public string $reserve, public string $harshAbove, public Provenance $provenance)
    {
    }

    public static function of(Duty $duty): self
    {
        $n = ReaderLocale::display();

        return new self(
            $duty->label(), $n->number($duty->reserve()->value, 2), $n->number($duty->harshAbove()->value, 1), Provenance::FromMemory,
        );
    }
}
