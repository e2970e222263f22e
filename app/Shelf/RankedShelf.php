<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Limits\LiningWear;
use Illuminate\Support\Facades\Cache;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\RankingRules;
use Spindle\Sheet\JobSheet;

/** A ranking of the shelf for one job, remembered as long as neither the job nor the shelf has changed. */
final readonly class RankedShelf
{
    private const SECONDS = 3600;

    /**
     * @param  list<RankedKit>  $kits  the best first
     * @param  int|null  $counted  kits looked at; nothing where only some were looked for and found
     * @param  int  $passing  kits that nothing known keeps out
     * @param  int  $enough  of those, how many carry enough by their columns
     * @param  int  $carrying  of the best, how many fit and carry; nought where none does
     * @param  string  $stamp  of all that it was made from
     */
    private function __construct(
        public string $stamp,
        public array $kits,
        public ?int $counted,
        public int $passing,
        public int $enough,
        public int $carrying,
    ) {
    }

    /** @param  string  $vehicle  stamp of all that kits are held against; what is chosen decides nothing about what could be chosen */
    public static function of(JobSheet $sheet, string $vehicle, ShelfFilter $filter, int $top): self
    {
        $shop = json_encode([LiningWear::section(), $sheet->sectionAsGiven(RankingRules::NAME)], JSON_THROW_ON_ERROR);
        $stamp = hash('xxh128', implode("\n", [$vehicle, $shop, (string) ShelfStamp::now()->stamp, $filter->key(), (string) $top]));
        $known = Cache::get("ranked shelf {$stamp}");
        if ($known instanceof self) {
            return $known;
        }
        $shelf = ShelfRanking::of($sheet, $filter, $top);
        $ranked = new self(
            $stamp, $shelf->ranking->kits, $shelf->counted, $shelf->passing, $shelf->enough, $shelf->ranking->carrying,
        );
        Cache::put("ranked shelf {$stamp}", $ranked, self::SECONDS);

        return $ranked;
    }

    /**
     * What is said of its kits, remembered with it.
     *
     * @template T of array<array-key, mixed>
     *
     * @param  callable(): T  $make  values that can be kept
     * @return T
     */
    public function remembered(string $what, callable $make): array
    {
        /** @var T|null $known */
        $known = Cache::get("ranked shelf {$this->stamp} {$what}");
        if (! is_array($known)) {
            Cache::put("ranked shelf {$this->stamp} {$what}", $known = $make(), self::SECONDS);
        }

        return $known;
    }
}
