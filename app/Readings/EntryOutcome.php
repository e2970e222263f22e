<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Reading;

/** What became of one entry. */
final readonly class EntryOutcome
{
    private function __construct(
        public string $field,
        public int $position,
        public string $typed,
        public string $refusal = '',
        public ?Reading $theirs = null,
    ) {
    }

    public static function kept(string $field, int $position, string $typed): self
    {
        return new self($field, $position, $typed);
    }

    /** Not taken; the message names the field, what was read and what is expected. */
    public static function refused(string $field, int $position, string $typed, string $why): self
    {
        return new self($field, $position, $typed, $why);
    }

    /** Somebody else changed the field meanwhile; both entries are kept and the one who types decides. */
    public static function contested(string $field, int $position, string $typed, Reading $theirs): self
    {
        return new self($field, $position, $typed, '', $theirs);
    }

    /** It was placed, ticked or counted on a drawing: there is no box on the page that would show it. */
    public function hasNoBox(): bool
    {
        return preg_match('/\.marks$|\.done_|\.counted_|record\.photos/', $this->field) === 1;
    }

    public function isKept(): bool
    {
        return $this->refusal === '' && $this->theirs === null;
    }
}
