<?php

declare(strict_types=1);

namespace App\Board;

use App\Models\BoardSlot;
use Carbon\CarbonInterface;
use Illuminate\Support\Str;

/** Tasks that a proposal laid in one go, and that nobody has moved since: they can be taken back in one go. */
final readonly class LaidTogether
{
    private function __construct(public string $with, public int $tasks, public string $byName, public CarbonInterface $at)
    {
    }

    /** The last such, of today or yesterday; nothing where there is none. */
    public static function last(): ?self
    {
        $since = (string) Str::ulid(now()->subDay());
        $with = BoardSlot::query()->where('laid_with', '>', $since)->max('laid_with');
        if (! is_string($with)) {
            return null;
        }
        $slots = BoardSlot::query()->where('laid_with', $with)->get();

        return new self($with, $slots->count(), $slots[0]->by_name ?? '', $slots[0]->updated_at ?? now());
    }
}
