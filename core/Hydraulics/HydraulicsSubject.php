<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** Air in the line, and the proof of a bleeding. */
final readonly class HydraulicsSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Set, 'hydraulics');
        $dictionary->fieldsUnless(self::whyNotAsked(...), HydraulicsFields::all(...));
        $dictionary->figures([
            'hydraulics.trapped_air' => 'mm³',
            'hydraulics.lift_lost' => 'mm',
        ]);
        $dictionary->judgements(new TrappedAirJudgement, new ProofJudgement, new BleedingJudgement);
        $dictionary->section(BleedingRules::NAME, BleedingRules::section());
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $actuation = $sheet->actuation();

        $isOfLine = str_starts_with($key, 'hydraulics.') || $key === 'release.hose_swelling';

        return $isOfLine && $actuation !== null && ! $actuation->isHydraulic()
            ? 'the actuation is not hydraulic'
            : '';
    }
}
