<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\Duty;
use Spindle\Limit\Finding;
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
        if ($verdict !== Verdict::Within) {
            $results->finding(
                Finding::of('capacity.character', $verdict, $why)->from('kit.material', 'kit.discs', 'kit.damper', 'kit.assist_load',
                    'duty'),
            );
        }
    }

    /** @return array{Verdict, string} and why, where it is not within */
    public static function judge(FieldValues $kit, KitClutch $clutch, ?Duty $duty): array
    {
        $material = $clutch->material;
        if ($duty === null) {
            return [Verdict::Within, ''];
        }
        $work = lcfirst($duty->label());
        if ($duty !== Duty::Competition) {
            $racing = self::onlyForRacing($kit, $clutch);
            if ($racing !== '') {
                return [Verdict::Out, "{$racing}: competition only, not for {$work}."];
            }
        }
        $suits = $material?->suits($duty) ?? Verdict::Within;

        return [$suits, $material === null ? ''
            : "{$material->label()} in {$work}: {$material->character()}; it {$material->onTheFlywheel()}."];
    }

    /** What makes it a clutch for competition alone; empty where nothing does. Common practice, no source. */
    private static function onlyForRacing(FieldValues $kit, KitClutch $clutch): string
    {
        $outer = $kit->one(Length::class, 'kit.lining_outer');
        $isSmall = $outer !== null && $outer->value < self::SMALL_LINING;

        return match (true) {
            $clutch->hasAssist() => 'A cover with weights that need tuning',
            $isSmall && ($kit->count('kit.discs') ?? 1) > 1 && $kit->word('kit.damper') === 'rigid' => 'A small unit of rigid discs',
            default => '',
        };
    }
}
