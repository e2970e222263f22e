<?php

declare(strict_types=1);

namespace Spindle\Inspection;

use Spindle\Limit\Verdict;
use Spindle\Sheet\Dictionary;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Kind;
use Spindle\Sheet\Make;
use Spindle\Sheet\Nature;
use Spindle\Sheet\Station;

/** What can be seen on one part. */
final readonly class Conditions
{
    /** @param  array<string, Condition>  $byWord */
    private function __construct(public string $part, public string $label, private array $byWord)
    {
    }

    /**
     * @param  list<array{0: string, 1: string, 2: Verdict, 3: string, 4?: bool}>  $rows  word, how it is said, what it comes to, what
     *     to do, and whether the face is ground
     */
    public static function of(string $part, string $label, array $rows): self
    {
        $byWord = [];
        foreach ($rows as $row) {
            $byWord[$row[0]] = new Condition(...$row);
        }

        return new self($part, $label, $byWord);
    }

    /** Those of a part; nothing where nothing is looked for on it. */
    public static function on(string $part, Dictionary $dictionary): ?self
    {
        foreach ($dictionary->judgements as $judgement) {
            if ($judgement instanceof ConditionsJudgement && $judgement->conditions->part === $part) {
                return $judgement->conditions;
            }
        }

        return null;
    }

    /** @return list<Condition> */
    public function all(): array
    {
        return array_values($this->byWord);
    }

    public function find(string $word): ?Condition
    {
        return $this->byWord[$word] ?? null;
    }

    /** @return list<Condition> those ticked on a sheet */
    public function seen(JobSheet $sheet): array
    {
        return array_values(array_filter(array_map($this->find(...), $sheet->values->words($this->key()))));
    }

    /** The field that asks for them: ticks, with one for having looked and found nothing. */
    public function field(Nature $nature): Field
    {
        $said = array_map(static fn (Condition $condition): string => $condition->label, $this->byWord);

        return Make::words($this->key(), Kind::Words, Station::Strip, "{$this->label}: what is seen", [
            Condition::NONE => 'looked, nothing found',
            ...$said,
        ])->is($nature);
    }

    public function key(): string
    {
        return "{$this->part}.conditions";
    }
}
