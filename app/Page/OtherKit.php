<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\KeptJob;
use App\Models\Kit;
use App\Models\OrderStep;
use App\Shelf\RankedShelf;
use App\Shelf\ShelfFilter;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\Standing;
use Spindle\Planning\PlanningSentences;
use Spindle\Planning\PromiseGuard;

/** The kit of the shelf that would save a promised day, where a kit is what the job waits for. */
final class OtherKit
{
    /** Of the best, so many are looked at: the chosen one may be among them. */
    private const LOOKED_AT = 4;

    /** Empty where no kit would, or where something else is waited for as well. */
    public static function of(AssessedJob $page, PromiseGuard $guard): string
    {
        $parts = JobParts::of($page);
        $awaited = $parts->awaited();
        $isOnlyTheKit = array_filter($awaited, static fn (OrderStep $s): bool => $s->part !== OrderStep::KIT) === [];
        if (! $isOnlyTheKit || $parts->areHere()) {
            return '';
        }
        $days = $guard->savingDelivery();

        return $days === null ? '' : self::best($page, $days, $awaited !== []);
    }

    /** Of all that are there in so many days the best that nothing speaks against, the chosen one aside. */
    private static function best(AssessedJob $page, int $days, bool $isOrdered): string
    {
        $chosen = $page->values()->word('kit.number');
        $ranked = RankedShelf::of(
            $page->sheetOfShop(), KeptJob::stampOfVehicle($page->job), ShelfFilter::within($days), self::LOOKED_AT,
        );
        $open = static fn (RankedKit $k): bool => in_array($k->standing, [Standing::Known, Standing::Asked], true);
        foreach (array_filter($ranked->kits, $open) as $one) {
            $kit = Kit::query()->with('supplier')->find((int) $one->key);
            if ($kit !== null && $kit->number !== $chosen) {
                return PlanningSentences::otherKitSaves(
                    $kit->number, $kit->supplier->name ?? 'no supplier', (int) $kit->lead_days,
                    $one->standing === Standing::Known ? 0 : max(1, count($one->lacks) + count($one->waits)), $isOrdered,
                )->in($page->display);
            }
        }

        return '';
    }
}
