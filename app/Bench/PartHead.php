<?php

declare(strict_types=1);

namespace App\Bench;

use Spindle\JobSheet\StripPart;
use Spindle\Limit\Verdict;

/** A part of the open clutch in one line: its mark, its name and how far it was looked at. */
final readonly class PartHead
{
    private function __construct(public Verdict $verdict, public string $label, public string $status)
    {
    }

    public static function of(Bench $bench, StripPart $part): self
    {
        return new self($part->verdict($bench->sheet, $bench->assessment), $part->label($bench->sheet), $part->status($bench->sheet, $bench->assessment));
    }

    /** All that the line is drawn from. */
    public function madeFrom(): string
    {
        return "{$this->verdict->value}|{$this->label}|{$this->status}";
    }
}
