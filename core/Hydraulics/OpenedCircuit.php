<?php

declare(strict_types=1);

namespace Spindle\Hydraulics;

use Spindle\Kit\Completeness\PartState;
use Spindle\Kit\KitPart;
use Spindle\Sheet\JobSheet;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;
use Spindle\Vehicle\Actuation;

/** Whether air can have come into the hydraulics: bled, mended, a part of it new, or a box out that carries the slave. */
final class OpenedCircuit
{
    /** Parts that open it when they are new. */
    private const PARTS = [KitPart::MasterCylinder, KitPart::SlaveCylinder, KitPart::Pipe, KitPart::ConcentricSlave];

    public static function isOpened(JobSheet $sheet): bool
    {
        return $sheet->actuation()?->isHydraulic() === true && match (Reach::of($sheet)->outcome) {
            Outcome::Bleed => true,
            // A bracket is mended with the line closed.
            Outcome::RepairActuation => $sheet->values->word('hydraulics.proof') !== BleedProof::NotOpened->value,
            Outcome::Strip => $sheet->actuation() === Actuation::Concentric || self::hasNewPart($sheet),
            default => false,
        };
    }

    private static function hasNewPart(JobSheet $sheet): bool
    {
        $new = [PartState::Ordered, PartState::OnShelf, PartState::InKit];

        return array_filter(self::PARTS, static fn (KitPart $part): bool => in_array(
            PartState::tryFrom($sheet->values->word("parts.{$part->value}") ?? ''), $new, true,
        )) !== [];
    }
}
