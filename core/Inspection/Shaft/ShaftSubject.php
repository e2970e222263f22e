<?php

declare(strict_types=1);

namespace Spindle\Inspection\Shaft;

use Spindle\Inspection\Conditions;
use Spindle\Inspection\ConditionsJudgement;
use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\Comparison;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;
use Spindle\Vehicle\PilotSeat;

/** The pilot, the shaft with its splines, the seals, and what stands around the clutch. */
final readonly class ShaftSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->parts(Station::Strip, 'pilot', 'shaft', 'seals', 'surroundings');
        $dictionary->fieldsUnless(self::whyNotAsked(...), ShaftFields::all(...));
        $dictionary->limits(...self::limits());
        $dictionary->figures([
            'pilot.play' => 'mm',
        ]);
        $dictionary->comparisons(Comparison::judged('pilot.play'));
        $dictionary->judgements(
            new PilotJudgement,
            new LeakJudgement,
            new ConditionsJudgement(self::pilot()),
            new ConditionsJudgement(self::shaft()),
            new ConditionsJudgement(self::seals()),
            new ConditionsJudgement(self::surroundings()),
        );
    }

    public static function pilot(): Conditions
    {
        $out = Verdict::Out;

        return Conditions::of('pilot', 'Pilot', [
            ['rough', 'rough', $out, 'replace'],
            ['loose', 'loose', $out, 'replace'],
            ['seized', 'seized', $out, 'replace; look at the tip of the shaft'],
            ['dry', 'dry', $out, 'replace'],
            ['seal_torn', 'seal torn', $out, 'replace'],
            ['binds', 'binds on the shaft', $out, 'work the bush in with this shaft: no felt play, no bind, also when hot'],
        ]);
    }

    public static function shaft(): Conditions
    {
        $out = Verdict::Out;
        $near = Verdict::Near;

        return Conditions::of('shaft', 'Shaft and splines', [
            ['stepped', 'steps worn into the splines', $out, 'replace the shaft: a new hub would hang on the steps'],
            ['rust', 'rust on the splines', $near, 'clean until the disc slides; the smallest smear of spline grease, wiped'],
            ['twisted', 'splines twisted or damaged', $out, 'replace the shaft'],
            ['worn_tip', 'tip worn where it runs in the pilot', $out, 'replace the shaft, or a new pilot wears out at once'],
        ]);
    }

    public static function seals(): Conditions
    {
        $out = Verdict::Out;

        return Conditions::of('seals', 'Seals', [
            ['shaft_wet', 'input-shaft seal wet: gear oil', $out, 'replace it now'],
            ['rear_wet', 'crankshaft rear seal wet: engine oil', $out, 'replace it now'],
        ]);
    }

    public static function surroundings(): Conditions
    {
        $out = Verdict::Out;
        $near = Verdict::Near;

        return Conditions::of('surroundings', 'Surroundings', [
            ['starter_ring', 'starter ring teeth worn', $near, 'replace the ring while it is open'],
            ['dowels', 'dowels worn or missing', $out, 'fit dowels: without them the gearbox hangs on its bolts and the hub wears'],
            ['engine_mount', 'engine mount torn', $out, 'replace: it imitates clutch judder'],
            ['gearbox_mount', 'gearbox mount torn', $out, 'replace: it imitates clutch judder'],
            ['joints', 'driveshaft joint loose', $out, 'replace: it clunks and judders like a clutch'],
            ['brake_drags', 'a brake drags', $out, 'free it: it loads the clutch and imitates judder'],
        ]);
    }

    /** @return list<PracticeRow> */
    private static function limits(): array
    {
        $mm = Dimension::Length;
        $m = Provenance::FromMemory;

        return [
            new PracticeRow('pilot.play', PracticeRow::ALL, $mm, $m, min: 0.01, max: 0.25, watchMax: 0.15, note: 'of the shaft in a bush'),
            new PracticeRow(
                'pilot.slip_fit', PracticeRow::ALL, $mm, $m, max: 0.08, note: 'on the tip of the shaft',
                label: 'Slip fit of a rolling pilot bearing',
            ),
        ];
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        return $sheet->pilot() === PilotSeat::None && (str_starts_with($key, 'pilot.') || $key === 'shaft.tip_diameter')
            ? 'this engine has no pilot' : '';
    }
}
