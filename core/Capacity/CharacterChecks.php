<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\Duty;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Length;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\Results;

/** Whether a clutch's character goes with the work. Grip is bought with smoothness. */
final class CharacterChecks
{
    /** A racing unit is smaller than any road clutch with several discs: lining below this, mm. From memory [M]. */
    private const SMALL_LINING = 200.0;

    public static function write(FieldValues $kit, KitClutch $clutch, ?Duty $duty, Results $results): void
    {
        [$verdict, $why] = self::judge($kit, $clutch, $duty);
        if ($verdict !== Verdict::Within && $why !== null) {
            $results->finding(
                Finding::of('capacity.character', $verdict, $why)->from('kit.material', 'kit.discs', 'kit.damper', 'kit.assist_load',
                    'duty'),
            );
        }
    }

    /** @return array{Verdict, Said|null} and why, where it is not within */
    public static function judge(FieldValues $kit, KitClutch $clutch, ?Duty $duty): array
    {
        $material = $clutch->material;
        if ($duty === null) {
            return [Verdict::Within, null];
        }
        $racing = $duty === Duty::Competition ? null : self::onlyForRacing($kit, $clutch, $duty);
        if ($racing !== null) {
            return [Verdict::Out, $racing];
        }

        return $material === null ? [Verdict::Within, null] : [$material->suits($duty), CapacitySentences::character($material, $duty)];
    }

    /** What makes it a clutch for competition alone; nothing where nothing does. Common practice, no source. */
    private static function onlyForRacing(FieldValues $kit, KitClutch $clutch, Duty $duty): ?Said
    {
        $outer = $kit->one(Length::class, 'kit.lining_outer');
        $isRigidPair = ($kit->count('kit.discs') ?? 1) > 1 && $kit->word('kit.damper') === 'rigid';
        $isSmall = $outer !== null && $outer->value < self::SMALL_LINING;

        return match (true) {
            $clutch->hasAssist() => CapacitySentences::weightsAreForRacing($duty),
            $isSmall && $isRigidPair => CapacitySentences::smallRigidIsForRacing($duty),
            default => null,
        };
    }
}
