<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use Spindle\Assessment\StripPart;
use Spindle\Limit\Verdict;

/** A part of the open clutch, or a thing of a page, in one line: its mark, its name and how far it is. */
final readonly class PartHead
{
    private function __construct(public Verdict $verdict, public string $label, public string $status)
    {
    }

    public static function of(AssessedJob $page, StripPart $part): self
    {
        return new self(
            $part->verdict($page->sheet, $page->assessment),
            $part->label($page->sheet),
            $part->status($page->sheet, $page->assessment),
        );
    }

    public static function said(Verdict $verdict, string $label, string $status): self
    {
        return new self($verdict, $label, $status);
    }

    /** All that the line is drawn from. */
    public function madeFrom(): string
    {
        return "{$this->verdict->value}|{$this->label}|{$this->status}";
    }
}
