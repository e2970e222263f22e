<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Capacity\KitClutch;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Trial on shaft and flywheel, orientation, damage, and whether the parts are accepted. Any no stops the job. */
final readonly class AcceptJudgement implements Judgement
{
    /** What must be so before anything is fitted, by the word that says it is not. */
    private const MUST = [
        'bench.slides' => 'no', 'bench.clears' => 'stands', 'bench.tool' => 'no', 'bench.sits' => 'no', 'bench.release_test' => 'drags',
    ];

    /** Asked of every kit of which the box is known; the rest is judged once somebody has looked. */
    private const ASKED = ['bench.slides', 'bench.clears'];

    public function topic(): Topic
    {
        return new Topic('bench.accepted', 'Whether the parts are right');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        $values = $sheet->values;
        // What was read before the bench and stands in here begins nothing.
        $isBegun = array_filter(
            $values->keys(), static fn (string $key): bool => str_starts_with($key, 'bench.') && $values->toldBy($key) === '',
        ) !== [];
        if (! $isBegun && ! KitClutch::isGiven($values)) {
            return;
        }
        foreach (self::MUST as $key => $wrong) {
            $word = $values->word($key);
            if ($word === null || $word === 'not_done') {
                if (in_array($key, self::ASKED, true)) {
                    $results->missing($sheet, $key, BenchSentences::newAgainstOldNotDone(), [$key]);
                }
            } else {
                $isRight = $word !== $wrong;
                $results->finding(
                    Finding::of($key, $isRight ? Verdict::Within : Verdict::Out, BenchSentences::trial($key, $isRight))->from($key),
                );
            }
        }
        self::orientation($sheet, $results);
        self::damage($sheet, $results);
        self::accepted($sheet, $results);
    }

    /** Usually the flat side and the shorter hub face the flywheel; trial decides. Common practice, no source. */
    private static function orientation(JobSheet $sheet, Results $results): void
    {
        $side = $sheet->values->word('bench.orientation');
        $by = $sheet->values->word('bench.orientation_by');
        $results->finding(match (true) {
            $side === null, $by === null => Finding::unmeasured('bench.orientation',
                BenchSentences::orientationNotWritten(),
                ...$sheet->values->missing('bench.orientation', 'bench.orientation_by')),
            $side === 'long' && $by === 'rule' => Finding::of('bench.orientation', Verdict::Out,
                BenchSentences::orientationAgainstTheRule())
                ->from('bench.orientation', 'bench.orientation_by'),
            $by === 'rule' => Finding::of('bench.orientation', Verdict::Near,
                BenchSentences::orientationByRule())->from('bench.orientation',
                    'bench.orientation_by'),
            default => Finding::of('bench.orientation', Verdict::Within, BenchSentences::orientation($by))
                ->from('bench.orientation', 'bench.orientation_by'),
        });
    }

    private static function damage(JobSheet $sheet, Results $results): void
    {
        $seen = $sheet->values->words('bench.damage');
        if ($seen !== []) {
            $field = $sheet->dictionary->get('bench.damage');
            $wrong = array_diff($seen, ['none']);
            $results->finding(
                ($wrong === [] ? Finding::of('bench.damage', Verdict::Within, BenchSentences::nothingWrong())
                    : Finding::of('bench.damage', Verdict::Out, BenchSentences::damaged(array_values(array_map(
                        static fn (string $w): string => $field->options[$w] ?? $w, $wrong,
                    )))))->from('bench.damage'),
            );
        }
    }

    private static function accepted(JobSheet $sheet, Results $results): void
    {
        $reason = trim($sheet->values->word('bench.reason') ?? '');
        $results->finding(match ($sheet->values->word('bench.accepted')) {
            null => Finding::unmeasured('bench.accepted', BenchSentences::nobodyAccepted(), 'bench.accepted'),
            'accepted' => Finding::of('bench.accepted', Verdict::Within, BenchSentences::accepted())->from('bench.accepted'),
            default => $reason === ''
                ? Finding::unmeasured('bench.accepted', BenchSentences::sentBackWithoutWhy(), 'bench.reason')
                : Finding::of('bench.accepted', Verdict::Out, BenchSentences::sentBack($reason))
                    ->from('bench.accepted', 'bench.reason'),
        });
    }
}
