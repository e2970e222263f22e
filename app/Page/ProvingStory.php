<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use App\Models\Reading;
use Spindle\Assessment\Subjects;
use Spindle\Proving\Test;
use Spindle\Proving\TestResult;
use Spindle\Sheet\Station;

/** The rounds of the tests as they went: tried, failed, changed, tried again. Within a round the last word counts. */
final readonly class ProvingStory
{
    /** @param  array<int, ProvingRound>  $rounds  by number */
    private function __construct(public Test $test, public array $rounds)
    {
    }

    /** @return list<self> of the tests that went more than one round */
    public static function told(AssessedJob $page): array
    {
        return array_values(array_filter(
            array_map(static fn (Test $t): self => self::of($page, $t), array_filter(
                // Without an entry of its round a test is in its first.
                Test::of($page->sheet), static fn (Test $t): bool => $page->current->row($t->key('round')) !== null,
            )),
            static fn (self $s): bool => count($s->rounds) > 1,
        ));
    }

    public static function of(AssessedJob $page, Test $test): self
    {
        $round = 1;
        $rounds = [$round => new ProvingRound];
        foreach ($page->job->readings as $row) {
            if ($row->kind !== Reading::ENTRY) {
                continue;
            }
            $station = Subjects::dictionary()->find($row->field)?->station;
            if ($row->field === $test->key('round')) {
                $round = max(1, (int) $row->typed);
                $rounds[$round] ??= new ProvingRound;
            } elseif ($row->field === $test->key('result') && $row->typed !== '') {
                $rounds[$round]->result = TestResult::tryFrom($row->typed);
                $rounds[$round]->by = $row->author().', '.ReaderLocale::dateTime($row->at);
            } elseif ($row->field === $test->key('felt') && $row->typed !== '') {
                $rounds[$round]->felt = $row->typed;
            } elseif ($station === Station::Set && $row->typed !== '' && self::isTried($rounds)) {
                $rounds[$round]->changed[] = lcfirst(Subjects::dictionary()->get($row->field)->label).' '.$row->written();
            }
        }

        return new self($test, array_filter($rounds, static fn (ProvingRound $r): bool => $r->result !== null || $r->changed !== []));
    }

    /** @param  array<int, ProvingRound>  $rounds */
    private static function isTried(array $rounds): bool
    {
        foreach ($rounds as $round) {
            if ($round->result !== null) {
                return true;
            }
        }

        return false;
    }

    /** "Round 1 failed (creeps at 3000), turns made 2, round 2 passed." What was changed before a result led to it. */
    public function sentence(): string
    {
        $said = [];
        foreach ($this->rounds as $number => $round) {
            $result = array_filter([$round->sayWhatCame($number)], static fn (string $s): bool => $s !== '');
            // In the first round what was set comes after its result; from then on before.
            $said = $number === 1 ? [...$said, ...$result, ...$round->changed] : [...$said, ...$round->changed, ...$result];
        }

        return ucfirst(implode(', ', $said)).'.';
    }
}
