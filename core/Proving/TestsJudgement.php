<?php

declare(strict_types=1);

namespace Spindle\Proving;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
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

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $limit = $sheet->values->one(Speed::class, 'engine.speed_limit');
        if ($limit !== null) {
            $results->figure('prove.rev_speed', $limit->times(self::SHORT_REV));
        }
        if (self::isTried($sheet)) {
            foreach (Test::of($sheet) as $test) {
                if ($test->isOwed($sheet) || $test->isBegun($sheet)) {
                    $results->finding($this->judge($test, $sheet, $display));
                }
            }
        } elseif (self::why($sheet) !== '') {
            $results->finding(Finding::of('prove.tests', Verdict::Near, 'Nothing was tried on the vehicle; '.self::why($sheet))
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

    private function judge(Test $test, JobSheet $sheet, Display $display): Finding
    {
        $result = TestResult::tryFrom($sheet->values->word($test->key('result')) ?? '');
        $round = $sheet->values->count($test->key('round')) ?? 1;
        $felt = trim($sheet->values->word($test->key('felt')) ?? '');
        $why = trim($sheet->values->word($test->key('why')) ?? '');
        $name = "prove.{$test->value}";
        $said = $test->label().($round > 1 ? ", round {$round}" : '').': ';

        return match (true) {
            $result === null && $round > 1 => Finding::unmeasured($name, $said.'to be tried again.', $test->key('result')),
            $result === null => Finding::unmeasured($name, $said.'not tried.', $test->key('result')),
            $result === TestResult::NotDone && ! Substance::isIn($why) => Finding::unmeasured($name, $said.'not done, and '
                .($why === '' ? 'why is not said.' : "“{$why}” says nothing of why."), $test->key('why')),
            $result === TestResult::NotDone => Finding::of($name, Verdict::Near, $said."not done; {$why}")
                ->from($test->key('result'), $test->key('why')),
            $result === TestResult::Fail => Finding::of($name, Verdict::Out, $said.'failed'.($felt === '' ? '' : " ({$felt})").'. '
                .Cure::of($test, $sheet, $display)->said)->from($test->key('result'), Cure::of($test, $sheet, $display)->reading),
            default => Finding::of($name, Verdict::Within, $said.'passed'.($felt === '' ? '.' : "; {$felt}."))->from($test->key('result')),
        };
    }
}
