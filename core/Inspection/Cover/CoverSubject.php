<?php

declare(strict_types=1);

namespace Spindle\Inspection\Cover;

use Spindle\Inspection\Conditions;
use Spindle\Inspection\ConditionsJudgement;
use Spindle\Inspection\InspectionSentences;
use Spindle\Inspection\MarksJudgement;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Comparison;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Remedy;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** The old cover: its plate, its fingers or levers, its springs on the press. */
final readonly class CoverSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->parts(Station::Strip, 'cover');
        $dictionary->fieldsUnless(self::whyNotAsked(...), CoverFields::all(...));
        $dictionary->limits(...self::limits());
        $dictionary->figures([
            'cover.clamp_load_percent' => '%',
        ]);
        $dictionary->comparisons(
            Comparison::flatness('cover.flatness', Remedy::replace(CoverSentences::replaceCover())),
            Comparison::greatest('cover.finger_wear', Remedy::replace(CoverSentences::replaceCover())),
            Comparison::spread('cover.spring_lengths', Remedy::replace(CoverSentences::replaceSpringsOrCover()), 'cover.spring_evenness'),
            Comparison::nameTaken('cover.finger_heights'),
            Comparison::nameTaken('cover.clamp_load'),
        );
        $dictionary->judgements(
            new CoverJudgement,
            new MarksJudgement(self::conditions(), 'Pressure plate', InspectionSentences::replaceTheCover()),
            new ConditionsJudgement(self::conditions()),
        );
    }

    public static function conditions(): Conditions
    {
        $out = Verdict::Out;

        return Conditions::of('cover', 'Cover', [
            ['cracks', 'cracks', $out, 'replace the cover'],
            ['heat_spots', 'heat spots', $out, 'replace the cover; record how many and where'],
            ['scoring', 'deep scoring', $out, 'replace the cover'],
            ['broken_finger', 'finger broken or soft', $out, 'replace the cover; find the piece'],
            ['bent_strap', 'drive strap bent or loose', $out, 'replace the cover; it was dropped or overstroked'],
            ['broken_lug', 'lug broken', $out, 'replace the cover; find the piece'],
            ['missing_spring', 'coil spring missing', $out, 'replace the cover; find the spring'],
            ['blue_spring', 'coil spring blue', $out, 'replace the springs or the cover; it was overheated'],
            ['uneven_lever', 'a lever out of line with the others', $out, 'look for a broken pivot lug'],
        ]);
    }

    /** @return list<PracticeRow> */
    private static function limits(): array
    {
        $mm = Dimension::Length;
        $ratio = Dimension::Ratio;
        $m = Provenance::FromMemory;

        return [
            new PracticeRow('cover.flatness', PracticeRow::LIGHT, $mm, $m, max: 0.15),
            new PracticeRow('cover.flatness', PracticeRow::HEAVY, $mm, $m, max: 0.25),
            new PracticeRow('cover.finger_wear', PracticeRow::ALL, $mm, $m, max: 0.5, note: "depth of the bearing's track"),
            new PracticeRow(
                'cover.finger_evenness',
                PracticeRow::ALL,
                $mm,
                $m,
                max: 0.7,
                note: 'diaphragm fingers',
                label: 'Finger heights, spread',
            ),
            new PracticeRow('cover.lever_evenness', PracticeRow::ALL, $mm, $m, max: 0.4, note: 'levers', label: 'Lever heights, spread'),
            new PracticeRow(
                'cover.clamp_load_percent',
                PracticeRow::ALL,
                $ratio,
                $m,
                min: 0.9,
                note: 'on the press, of new',
                label: 'Clamp load on the press',
                isShare: true,
            ),
            new PracticeRow(
                'cover.spring_evenness',
                PracticeRow::ALL,
                $mm,
                $m,
                max: 1.0,
                note: 'free length of the coil springs',
                label: 'Coil springs, spread of free length',
            ),
            new PracticeRow(
                'fork.clamp_load_percent',
                PracticeRow::ALL,
                $ratio,
                $m,
                watchMax: 1.3,
                note: 'of the new kit over the old: fork and pivot may want more',
                label: 'Clamp load of the new kit over the old',
                isShare: true,
            ),
        ];
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        return match (true) {
            $key !== 'cover.spring_lengths' => '',
            $sheet->vehicleClass()?->isLight() ?? false => 'cars and vans have a diaphragm',
            in_array($sheet->values->word('cover.kind'), ['diaphragm', 'self_adjusting'], true) => 'a diaphragm cover has no coil springs',
            default => '',
        };
    }
}
