<?php

declare(strict_types=1);

namespace Spindle\JobSheet\Part;

use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\JobSheet;
use Spindle\JobSheet\Results;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;

/** Readings of one thing at several places that lie too far apart to be one number: measure again before they are used. */
final readonly class PlacesPart implements Part
{
    /** Readings of which one place counts; of others the spread itself is judged. */
    private const ONE_NUMBER = [
        'disc.thickness', 'disc.rivet_depth_flywheel', 'disc.rivet_depth_cover',
        'disc2.thickness', 'disc2.rivet_depth_flywheel', 'disc2.rivet_depth_cover',
        'intermediate.pin_clearance', 'two_stage.air_gap_travel', 'two_stage.air_gap_take_off',
    ];

    public function subject(): Subject
    {
        return new Subject('shaft.places', 'What is measured around a part');
    }

    public function assess(JobSheet $sheet, Results $results, Display $display): void
    {
        $limit = $sheet->limitBook()->get('disc.reading_spread');
        foreach (self::ONE_NUMBER as $key) {
            $readings = $sheet->values->all(Length::class, $key);
            $spread = count($readings) < 2 ? null : Length::spread($readings);
            if ($spread !== null && $limit->judge($spread) !== Verdict::Within) {
                $results->finding(Finding::of("{$key}_spread", Verdict::Near, Dictionary::get($key)->label.': the places differ by '.$display->quantity($spread, $sheet->values->resolution($key))
                    .'; measure again. If it stays, the part is worn askew.')->against($limit)->from($key)->by('the greatest less the smallest'));
            }
        }
    }
}
