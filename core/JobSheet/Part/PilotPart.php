<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Vehicle\PilotSeat;

/** Play of the shaft in its pilot: a bush against its limit, a rolling bearing against any looseness at all. */
final readonly class PilotPart implements Part
{
    public function subject(): Subject
    {
        return new Subject('pilot.readings', 'The pilot');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        if ($sheet->pilot() === PilotSeat::None) {
            $results->finding(Finding::notApplicable('pilot.play', 'This engine has no pilot bearing: the gearbox alone carries the shaft.'));

            return;
        }
        [$play, $doubt, $from] = $this->play($sheet);
        if ($play === null) {
            return;
        }
        if ($play->value < -$doubt->value) {
            $results->finding(Finding::of('pilot.play', Verdict::Out,
                'The bore of the pilot is smaller than the tip of the shaft, by '.$display->both(Length::mm(-$play->value), $sheet->values->resolution(...$from)).': no fit at all. Measure both again; if it stays, it binds.')
                ->from(...$from)->by('bore of the pilot − tip of the shaft'));

            return;
        }
        $results->figure('pilot.play', $play);
        $step = count($from) === 1 ? $sheet->values->resolutionOf($from[0], $play) : $sheet->values->resolution(...$from);
        if ($sheet->values->word('pilot.kind') === 'rolling') {
            $loose = $play->value > $doubt->value;
            $results->finding(Finding::of('pilot.play', $loose ? Verdict::Out : Verdict::Within,
                $display->quantity($play, $step).($loose ? ' play in a rolling pilot bearing: any looseness is out, replace it.' : ': no play in the rolling pilot bearing that the instrument can tell.'))
                ->from('pilot.kind', ...$from)->by('any looseness rejects a rolling bearing; common practice, no source'));

            return;
        }
        (new Compare($sheet, $results, $display))->figure('pilot.play', 'Play of the shaft in the pilot', $play, $display->quantity($play, $step),
            'pilot.play', 'replace the pilot', $from, $from === ['pilot.play'] ? 'the greatest of the places measured' : 'bore of the pilot − tip of the shaft', $doubt);
    }

    /** @return array{Length|null, Length, list<string>} the play, how far it can be trusted, and where it comes from */
    private function play(JobSheet $sheet): array
    {
        $measured = $sheet->values->all(Length::class, 'pilot.play');
        if ($measured !== []) {
            return [Length::greatest($measured), $sheet->uncertainty('pilot.play'), ['pilot.play']];
        }
        $bore = $sheet->values->one(Length::class, 'pilot.bore');
        $tip = $sheet->values->one(Length::class, 'shaft.tip_diameter');
        $from = ['pilot.bore', 'shaft.tip_diameter'];

        return [
            $bore === null || $tip === null ? null : $bore->minus($tip),
            // Two readings, each with its own doubt: the root of the sum of squares (GUM, JCGM 100:2008, 5.1.2).
            Length::mm(hypot($sheet->uncertainty('pilot.bore')->value, $sheet->uncertainty('shaft.tip_diameter')->value)),
            $from,
        ];
    }
}
