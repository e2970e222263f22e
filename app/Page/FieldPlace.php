<?php

declare(strict_types=1);

namespace App\Page;

use App\Models\Reading;
use App\Readings\EntryOutcome;
use App\Sheets\StatedElsewhere;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\AsLeft;
use Spindle\Sheet\Field;
use Spindle\Sheet\Station;

/** One box of a field: what stands in it, what is recorded, and how it is sent. */
final readonly class FieldPlace
{
    private function __construct(
        public Field $field,
        public int $position,
        public string $typed,
        public string $recorded,
        public int $shown,
        public string $other,
        public bool $again,
        public bool $locked,
        public int $corrections,
        public string $postTo,
        public string $historyUrl,
        public bool $isStatedElsewhere,
        public string $foundBefore,
        public string $keepFoundAt,
        private string $by,
        private bool $isUnchecked,
        private bool $needed,
        private ?EntryOutcome $outcome,
    ) {
    }

    public static function of(Entries $entries, Field $field, int $position): self
    {
        [$key, $page] = [$field->key, $entries->job];
        $row = $page->current->row($key, $position);

        return new self(
            $field,
            $position,
            $entries->typed($key, $position),
            $row?->written() ?? '',
            $row->seq ?? 0,
            $entries->inOtherUnit($field, $position),
            $page->current->isToBeMeasuredAgain($key, $position),
            $page->job->isSigned(),
            $page->current->made($key, $position),
            $entries->links->storeAt($entries->stationFor($field)),
            $entries->links->history($key),
            $row !== null && ! $page->job->isSigned() && StatedElsewhere::holds($row),
            self::foundBefore($entries, $field, $position),
            $entries->links->action('found'),
            $row?->author() ?? '',
            $page->isUnchecked($key),
            $page->isNeeded($key),
            $entries->outcome($key, $position),
        );
    }

    /**
     * What stood here before, where this is something that is set: what was typed over it may be what it was set to. Empty where nothing
     * did, or what it was set to is entered by itself.
     */
    private static function foundBefore(Entries $entries, Field $field, int $position): string
    {
        $current = $entries->job->current;
        if ($entries->job->job->isSigned() || $field->station !== Station::Set || $current->made($field->key, $position) < 2) {
            return '';
        }
        $before = $current->before($field->key, $position);
        $isSame = $before === null || $before->typed === '' || $before->typed === $current->typed($field->key, $position);
        $left = Subjects::dictionary()->asLeft(AsLeft::PREFIX.$field->key);

        return $isSame || $left === null || $current->typed($field->key, $position) === '' || $current->typed($left->key, $position) !== ''
            ? '' : $before->written();
    }

    /** Whether a unit stands in what was typed, so that the field's own need not be shown. */
    public function namesItsUnit(): bool
    {
        return preg_match('/[\p{L}%°"″”]/u', $this->typed) === 1;
    }

    public function name(): string
    {
        return "f[{$this->field->key}][{$this->position}]";
    }

    public function shownName(): string
    {
        return "b[{$this->field->key}][{$this->position}]";
    }

    public function metaId(): string
    {
        return 'meta-'.str_replace(['.', '_'], '-', $this->field->key).'-'.$this->position;
    }

    public function draftKey(): string
    {
        return "{$this->field->key}|{$this->position}";
    }

    /** The form values that go with this entry, and no others. */
    public function params(): string
    {
        return "{$this->name()},{$this->name()}[],{$this->shownName()},i[{$this->field->key}]";
    }

    /** Where an entry comes from that nobody typed on this job: "from the register", "as the file states". */
    public function source(): string
    {
        $from = $this->recorded === '' ? '' : explode(', ', $this->by, 2)[1] ?? '';

        return $this->isUnchecked ? ltrim("{$from}; not checked by the lead yet", '; ') : $from;
    }

    public function has(string $word): bool
    {
        return in_array($word, explode(',', $this->typed), true);
    }

    public function refusal(): string
    {
        return $this->outcome->refusal ?? '';
    }

    public function isRefused(): bool
    {
        return $this->refusal() !== '';
    }

    public function theirs(): ?Reading
    {
        return $this->outcome?->theirs;
    }

    public function state(): string
    {
        return match (true) {
            $this->isRefused() => 'refused',
            $this->theirs() !== null => 'contested',
            $this->recorded !== '' => 'kept',
            $this->needed => 'needed',
            default => 'empty',
        };
    }
}
