<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Limit\PracticeRow;
use Spindle\Limit\Provenance;
use Spindle\Quantity\Dimension;
use Spindle\Sheet\DictionaryBuilder;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Station;
use Spindle\Sheet\Subject;

/** Bolts: their order, their rounds, and what torque they are to have. */
final readonly class FasteningSubject implements Subject
{
    public function describe(DictionaryBuilder $dictionary): void
    {
        $dictionary->findings(Station::Fit, 'fastening');
        $dictionary->fieldsUnless(self::whyNotAsked(...), FasteningFields::all(...));
        $figures = [];
        foreach (BoltGroup::cases() as $group) {
            $figures += [$group->key('order') => '–', $group->key('reference_torque') => 'N·m'];
        }
        $dictionary->figures($figures);
        $dictionary->limits(new PracticeRow(
            'fastening.gap_spread', PracticeRow::ALL, Dimension::Length, Provenance::FromMemory, max: 0.3,
            note: 'while the cover is pulled down; more and it tilts', label: 'Gap around a cover, spread',
        ));
        $dictionary->judgements(...array_map(static fn (BoltGroup $g): TighteningJudgement => new TighteningJudgement($g),
            BoltGroup::cases()));
    }

    /** Why a field is not asked of a vehicle; empty where it is. */
    private static function whyNotAsked(string $key, JobSheet $sheet): string
    {
        $actuation = $sheet->actuation();

        return str_starts_with($key, BoltGroup::Slave->key('')) && $actuation !== null && ! $actuation->isHydraulic()
            ? 'the actuation is not hydraulic' : '';
    }
}
