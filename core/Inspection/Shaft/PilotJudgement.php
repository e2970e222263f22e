<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\AsRead;
use Spindle\Quantity\Length;
use Spindle\Sheet\Compare;
use Spindle\Sheet\ComparedFigure;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Judgement;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Results;
use Spindle\Sheet\Topic;
use Spindle\Vehicle\PilotSeat;

/** Play of the shaft in its pilot: a bush against its limit, a rolling bearing against any looseness at all. */
final readonly class PilotJudgement implements Judgement
{
    public function topic(): Topic
    {
        return new Topic('pilot.readings', 'The pilot');
    }

    public function assess(JobSheet $sheet, Results $results): void
    {
        if ($sheet->pilot() === PilotSeat::None) {
            $results->finding(
                Finding::notApplicable('pilot.play', ShaftSentences::noPilot()),
            );

            return;
        }
        $from = $sheet->values->has('pilot.play') ? ['pilot.play'] : ['pilot.bore', 'shaft.tip_diameter'];
        $figure = Estimate::of($sheet, self::play(...), ...$from);
        if ($figure === null) {
            return;
        }
        [$play, $doubt] = [$figure->value, $figure->uncertainty ?? Length::mm(0.0)];
        if ($play->value < -$doubt->value) {
            $results->finding(
                Finding::of(
                    'pilot.play',
                    Verdict::Out,
                    ShaftSentences::boreSmallerThanTip(new AsRead(Length::mm(-$play->value), $sheet->values->resolution(...$from))),
                )
                    ->from(...$from)
                    ->by('{bore of the pilot|pilot.bore} − {tip of the shaft|shaft.tip_diameter}', 'pilot.play'),
            );

            return;
        }
        $results->estimate('pilot.play', $figure);
        $step = count($from) === 1 ? $sheet->values->resolutionOf($from[0], $play) : $sheet->values->resolution(...$from);
        $asRead = new AsRead($play, $step);
        if ($sheet->values->word('pilot.kind') === 'rolling') {
            $limit = $sheet->limitBook()->get('pilot.slip_fit');
            $verdict = $figure->against($limit);
            $results->finding(
                Finding::of('pilot.play', $verdict, ShaftSentences::rollingPilot($asRead, $verdict, $limit))
                    ->against($limit)
                    ->from('pilot.kind', ...$from)
                    ->by('a rolling bearing sits on the tip with a slip fit; looseness inside it is looked for by hand'),
            );

            return;
        }
        $limit = $sheet->limitBook()->find('pilot.play');
        if ($limit?->min !== null && $play->value < $limit->min->value) {
            $results->finding(Finding::of('pilot.play', $figure->against($limit), ShaftSentences::bushBinds($asRead, $limit))
                ->against($limit)->from(...$from));

            return;
        }
        (new Compare($sheet, $results))->figure(new ComparedFigure(
            'pilot.play',
            ShaftSentences::pilotPlay($asRead),
            $figure,
            'pilot.play',
            Remedy::replace(ShaftSentences::replacePilot()),
            $from,
            $from === ['pilot.play'] ? 'the greatest of the places measured' : 'bore of the pilot − tip of the shaft',
        ));
    }

    /** As measured with a dial, else the bore less the tip. */
    private static function play(JobSheet $sheet): ?Length
    {
        $measured = $sheet->values->all(Length::class, 'pilot.play');
        if ($measured !== []) {
            return Length::greatest($measured);
        }
        $tip = $sheet->values->one(Length::class, 'shaft.tip_diameter');

        return $tip === null ? null : $sheet->values->one(Length::class, 'pilot.bore')?->minus($tip);
    }
}
