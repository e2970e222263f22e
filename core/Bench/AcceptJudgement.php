<?php

declare(strict_types=1);

namespace Spindle\Bench;

use Spindle\Capacity\KitClutch;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;

/** Trial on shaft and flywheel, orientation, damage, and whether the parts are accepted. Any no stops the job. */
final readonly class AcceptJudgement implements Judgement
{
    /** What must be so before anything is fitted, by the word that says it is not. */
    private const MUST = [
        'bench.slides' => ['no', 'The disc does not slide on the shaft: not this disc, or the splines are rough.',
            'It slides on the real shaft.'],
        'bench.clears' => ['stands',
            'The disc stands on the crank bolts: it is the wrong way round, or the wrong disc. It will not release.',
            'It clears the crank bolts on the bare flywheel.'],
        'bench.tool' => ['no', 'The alignment tool does not fit pilot and hub.', 'The alignment tool fits.'],
        'bench.sits' => ['no', 'The cover does not sit on all dowels with its holes in line.', 'The cover sits on its dowels.'],
        'bench.release_test' => ['drags', 'The disc drags with the pedal down: find out why before the gearbox goes on.', 'It releases.'],
    ];

    /** Asked of every kit of which the box is known; the rest is judged once somebody has looked. */
    private const ASKED = ['bench.slides', 'bench.clears'];

    public function topic(): Topic
    {
        return new Topic('bench.accepted', 'Whether the parts are right');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $values = $sheet->values;
        $isBegun = array_filter($values->keys(), static fn (string $key): bool => str_starts_with($key, 'bench.')) !== [];
        if (! $isBegun && ! KitClutch::isGiven($values)) {
            return;
        }
        foreach (self::MUST as $key => [$wrong, $stops, $fine]) {
            $word = $values->word($key);
            if ($word === null || $word === 'not_done') {
                if (in_array($key, self::ASKED, true)) {
                    $results->missing($sheet, $key, 'New against old is not done', [$key]);
                }
            } else {
                $results->finding(
                    Finding::of($key, $word === $wrong ? Verdict::Out : Verdict::Within, $word === $wrong ? $stops : $fine)->from($key),
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
                'Which side of the disc faces the flywheel is not written down. Read the old disc before it is thrown away.',
                ...$sheet->values->missing('bench.orientation', 'bench.orientation_by')),
            $side === 'long' && $by === 'rule' => Finding::of('bench.orientation', Verdict::Out,
                'The longer hub towards the flywheel goes against the usual rule: read the old disc, or try it on the bare flywheel.')
                ->from('bench.orientation', 'bench.orientation_by'),
            $by === 'rule' => Finding::of('bench.orientation', Verdict::Near,
                'Orientation by the usual rule alone; a trial on the bare flywheel decides.')->from('bench.orientation',
                    'bench.orientation_by'),
            default => Finding::of('bench.orientation', Verdict::Within, match ($by) {
                'old_disc' => 'Orientation as the old disc was.', 'trial' => 'Orientation tried on the bare flywheel.',
                default => "Orientation by the maker's mark.",
            })->from('bench.orientation', 'bench.orientation_by'),
        });
    }

    private static function damage(JobSheet $sheet, Results $results): void
    {
        $seen = $sheet->values->words('bench.damage');
        if ($seen !== []) {
            $field = $sheet->dictionary->get('bench.damage');
            $wrong = array_diff($seen, ['none']);
            $results->finding(
                Finding::of('bench.damage', $wrong === [] ? Verdict::Within : Verdict::Out, $wrong === []
                    ? 'Out of the box nothing is wrong.'
                    : implode('; ', array_map(static fn (string $w): string => $field->options[$w] ?? $w, $wrong))
                        .'. Refuse it, with a photo and a word to the supplier.')->from('bench.damage'),
            );
        }
    }

    private static function accepted(JobSheet $sheet, Results $results): void
    {
        $reason = trim($sheet->values->word('bench.reason') ?? '');
        $results->finding(match ($sheet->values->word('bench.accepted')) {
            null => Finding::unmeasured('bench.accepted', 'Nobody has accepted the new parts, or sent them back.', 'bench.accepted'),
            'accepted' => Finding::of('bench.accepted', Verdict::Within, 'The parts are accepted.')->from('bench.accepted'),
            default => $reason === ''
                ? Finding::unmeasured('bench.accepted', 'Sent back: say why, for the supplier.', 'bench.reason')
                : Finding::of('bench.accepted', Verdict::Out, "Sent back: {$reason}. The job waits for the right parts.")
                    ->from('bench.accepted', 'bench.reason'),
        });
    }
}
