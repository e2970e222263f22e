<?php

declare(strict_types=1);

namespace Spindle\History;

use Spindle\Capacity\Lining;
use Spindle\Capacity\LiningLife;
use Spindle\Capacity\Material;
use Spindle\Capacity\StartOfSheet;
use Spindle\Demand\Duty;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;

/**
 * What one opened clutch says of how its lining wears: the volume that is gone over the heat of all its starts, k = V ÷ (E · n · L).
 * Nothing where one of these is not known, or where the lining did not simply wear.
 */
final readonly class WearSeen
{
    /** What makes a lining wear otherwise than by its starts: such a job says nothing of them. Common practice, no source. */
    private const OTHERWISE = ['oil_on_lining', 'glazed', 'springs_weak', 'engine_beyond', 'held_off', 'flywheel_spots'];

    private function __construct(public Material $material, public Duty $duty, public float $k)
    {
    }

    /** @param  float|null  $lost  thickness that the disc has lost, of both sides together, in mm */
    public static function of(JobSheet $sheet, ?float $lost): ?self
    {
        $values = $sheet->values;
        $material = Material::tryFrom($values->word('disc.material') ?? '');
        $duty = Duty::tryFrom($values->word('duty') ?? '');
        [$outer, $inner] = [$values->one(Length::class, 'disc.lining_outer'), $values->one(Length::class, 'disc.lining_inner')];
        $gone = $sheet->countsHours() ? $sheet->timeSinceFitted()?->value : $sheet->distanceSinceFitted()?->value;
        $start = StartOfSheet::of($sheet)?->with(null);
        $causes = $values->words('why.causes');
        if ($material === null || $duty === null || $outer === null || $inner === null || $inner->value >= $outer->value
            || $lost === null || $lost <= 0.0 || $gone === null || $gone <= 0.0 || $start === null || ! $start->movesOff()
            || array_intersect($causes, self::OTHERWISE) !== [] || ($duty === Duty::Field) !== $sheet->countsHours()) {
            return null;
        }
        $volume = Lining::ring($outer, $inner)->area()->value * $lost * ($sheet->isTwinDisc() ? 2 : 1);

        return new self($material, $duty, LiningLife::wearOf($volume, $start->energy(), $duty, $gone));
    }
}
