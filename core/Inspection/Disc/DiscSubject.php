<?php

declare(strict_types=1);

namespace Spindle\Inspection\Disc;

use Spindle\Inspection\Conditions;
use Spindle\Inspection\ConditionsJudgement;
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

/** The disc, and the second one of a twin-disc truck or a two-stage tractor: its wear, its runout, what is seen on it. */
final readonly class DiscSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->parts(Station::Strip, 'disc', 'disc2');
        $dictionary->findings(Station::Strip, 'wear', 'wear2');
        $dictionary->fieldsUnless(self::whyNotAsked(...), DiscFields::all(...));
        $dictionary->limits(...self::limits());
        $dictionary->figures([
            'wear.used' => 'mm',
            'wear.percent' => '%',
            'wear.remaining' => 'mm',
            'wear.remaining_distance' => 'km',
            'wear.remaining_time' => 'h',
            'wear2.used' => 'mm',
            'wear2.percent' => '%',
            'wear2.remaining' => 'mm',
            'wear2.remaining_distance' => 'km',
            'wear2.remaining_time' => 'h',
        ]);
        $beforeTheyCut = static fn (bool $flywheel): Remedy => Remedy::replace(DiscSentences::replaceBeforeRivetsCut($flywheel));
        foreach (DiscFields::DISCS as $disc) {
            $dictionary->comparisons(
                Comparison::greatest("{$disc}.runout", Remedy::replace(DiscSentences::replaceOrFindTheBend()), 'disc.runout'),
                Comparison::greatest("{$disc}.hub_play", Remedy::replace(DiscSentences::replaceAndLookAtTheShaft()), 'disc.hub_play'),
                Comparison::least("{$disc}.rivet_depth_flywheel", $beforeTheyCut(true), 'disc.rivet_depth'),
                Comparison::least("{$disc}.rivet_depth_cover", $beforeTheyCut(false), 'disc.rivet_depth'),
            );
            $dictionary->oneNumber("{$disc}.thickness", "{$disc}.rivet_depth_flywheel", "{$disc}.rivet_depth_cover");
        }
        $dictionary->judgements(
            new WearJudgement,
            new SizesJudgement,
            new ConditionsJudgement(self::conditions('disc', 'Disc')),
            new ConditionsJudgement(self::conditions('disc2', 'Second disc')),
            new OilJudgement,
        );
    }

    /** The second disc of a twin or two-stage clutch is looked at beside the first; what is seen is the same. */
    public static function conditions(string $part, string $label): Conditions
    {
        $out = Verdict::Out;

        return Conditions::of($part, $label, [
            ['oil', 'oil or grease on the lining', $out, 'find and mend the leak before anything new goes in'],
            ['cracks', 'cracks in the lining', $out, 'replace the disc'],
            ['loose_lining', 'lining loose or missing', $out, 'replace the disc; find the pieces'],
            ['broken_spring', 'damper spring broken or missing', $out, 'replace the disc; find the piece'],
            ['loose_spring', 'damper springs clatter in their windows', $out, 'replace the disc'],
            ['cracked_cushion', 'cushion segment cracked', $out, 'replace the disc'],
            ['bent', 'disc bent', $out, 'replace the disc; ask how the gearbox was carried'],
            ['blue', 'lining or plate blue', $out, 'replace the disc; it was overheated'],
            ['glazed', 'lining glazed', $out, 'replace the disc; it was overheated'],
            [
                'grooves_gone',
                'smooth, its grooves gone',
                $out,
                'replace the disc; a smooth lining can stick to the flywheel after a hot run',
            ],
            ['wrong_way', 'it sat the wrong way round', $out, 'the hub stood on the bolts or the flywheel; note which side faced where'],
            ['tight_hub', 'does not slide freely over the whole spline', $out, 'find the step, rust or bent tooth, on hub or shaft'],
        ]);
    }

    /** @return list<PracticeRow> */
    private static function limits(): array
    {
        $mm = Dimension::Length;
        $ratio = Dimension::Ratio;
        $m = Provenance::FromMemory;

        return [
            new PracticeRow(
                'disc.rivet_depth',
                PracticeRow::ALL,
                $mm,
                $m,
                min: 0.3,
                watchMin: 0.5,
                note: 'below the rivets the flywheel is cut',
                label: 'Depth to the rivets, either side',
            ),
            new PracticeRow(
                'wear.percent',
                PracticeRow::ALL,
                $ratio,
                $m,
                max: 0.8,
                watchMax: 0.5,
                edgeIsOut: true,
                note: 'share of the usable lining',
                label: 'Lining used',
                isShare: true,
            ),
            new PracticeRow('disc.runout', PracticeRow::LIGHT, $mm, $m, max: 0.5, note: 'lateral, at the rim'),
            new PracticeRow('disc.runout', PracticeRow::HEAVY, $mm, $m, max: 0.8, note: 'lateral, at the rim'),
            new PracticeRow('disc.hub_play', PracticeRow::ALL, $mm, $m, max: 0.4, note: 'on the shaft, at the rim'),
            new PracticeRow(
                'disc.reading_spread',
                PracticeRow::ALL,
                $mm,
                $m,
                watchMax: 0.5,
                note: 'places of one reading that differ by as much are not one number',
                label: 'One reading at several places, spread',
            ),
            new PracticeRow(
                'disc.wear_disagreement',
                PracticeRow::ALL,
                $mm,
                $m,
                watchMax: 0.3,
                note: 'wear by thickness against wear by the rivets; more, and one of them is wrong',
                label: 'Wear by thickness against wear by the rivets',
            ),
            new PracticeRow(
                'disc.wear_difference',
                PracticeRow::ALL,
                $mm,
                $m,
                watchMax: 0.4,
                note: 'flywheel side against cover side',
                label: 'Wear of the two sides, difference',
            ),
        ];
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $hasTwo = $sheet->vehicleClass() !== null && ($sheet->isTwinDisc() || $sheet->isTwoStage());

        return str_starts_with($key, 'disc2.') && ! $hasTwo ? 'the clutch has one disc' : '';
    }
}
