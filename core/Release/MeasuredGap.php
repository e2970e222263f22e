<?php

declare(strict_types=1);

namespace Spindle\Release;

use Spindle\Quantity\Length;
use Spindle\Sheet\Estimate;
use Spindle\Sheet\JobSheet;

/**
 * The air gap as two feelers find it through the inspection hole, opposite each other, on either side of the disc. The disc lies where it
 * likes between the faces, so their mean is what each face has. Common practice, no source.
 */
final readonly class MeasuredGap
{
    private const READING = 'release.air_gap_measured';

    /** @return Estimate<Length>|null with how far the feelers let it be known; nothing where it was not measured */
    public static function ofSheet(JobSheet $sheet): ?Estimate
    {
        return Estimate::of($sheet, static fn (JobSheet $s): ?Length => self::mean($s), self::READING);
    }

    private static function mean(JobSheet $sheet): ?Length
    {
        $all = $sheet->values->all(Length::class, self::READING);

        return $all === [] ? null : Length::mm(array_sum(array_map(static fn (Length $l): float => $l->value, $all)) / count($all));
    }
}
