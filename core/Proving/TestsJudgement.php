<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Speed;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Substance;
use Spindle\Sheet\Topic;

/** Each test of a vehicle: passed, failed with what cures it, or not done with the reason. Nothing tried is nothing proved. */
final readonly class TestsJudgement implements Judgement
{
    /** Of the engine's limit, for a short rev. Common practice, no source. */
    private const SHORT_REV = 0.75;

    public function topic(): Topic
    {
        return new Topic('prove.tests', 'The tests');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $limit = $sheet->values->one(Speed::class, 'engine.speed_limit');
        if ($limit !== null) {
            $results->figure('prove.rev_speed', $limit->times(self::SHORT_REV));
        }
        if (self::isTried($sheet)) {
            foreach (Test::of($sheet) as $test) {
                if ($test->isOwed($sheet) || $test->isBegun($sheet)) {
                    $results->finding($this->judge($test, $sheet));
                }
            }
        } elseif (self::why($sheet) !== '') {
            $results->finding(Finding::of('prove.tests', Verdict::Near, ProvingSentences::nothingTried(self::why($sheet)))
                ->from(ProvingFields::UNTRIED));
        }
    }

    private static function isTried(JobSheet $sheet): bool
    {
        return $sheet->values->hasAny(...array_merge(...array_map(
            static fn (Test $t): array => [$t->key('result'), $t->key('round')], Test::of($sheet),
        )));
    }

    private static function why(JobSheet $sheet): string
    {
        $why = trim($sheet->values->word(ProvingFields::UNTRIED) ?? '');

        return Substance::isIn($why) ? $why : '';
    }

    private function judge(Test $test, JobSheet $sheet): Finding
    {
        $result = TestResult::tryFrom($sheet->values->word($test->key('result')) ?? '');
        $round = $sheet->values->count($test->key('round')) ?? 1;
        $felt = trim($sheet->values->word($test->key('felt')) ?? '');
        $why = trim($sheet->values->word($test->key('why')) ?? '');
        $name = "prove.{$test->value}";

        return match (true) {
            $result === null => Finding::unmeasured($name, ProvingSentences::notTried($test, $round), $test->key('result')),
            $result === TestResult::NotDone && ! Substance::isIn($why) => Finding::unmeasured(
                $name, ProvingSentences::notDoneWithoutWhy($test, $round, $why), $test->key('why'),
            ),
            $result === TestResult::NotDone => Finding::of($name, Verdict::Near, ProvingSentences::notDone($test, $round, $why))
                ->from($test->key('result'), $test->key('why')),
            $result === TestResult::Fail => self::failed($name, $test, $round, $felt, Cure::of($test, $sheet)),
            default => Finding::of($name, Verdict::Within, ProvingSentences::passed($test, $round, $felt))->from($test->key('result')),
        };
    }

    private static function failed(string $name, Test $test, int $round, string $felt, Cure $cure): Finding
    {
        return Finding::of($name, Verdict::Out, ProvingSentences::failed($test, $round, $felt, $cure->said))
            ->from($test->key('result'), $cure->reading);
    }
}
