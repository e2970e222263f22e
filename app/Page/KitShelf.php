<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\KeptJob;
use App\Models\Kit;
use App\Models\Supplier;
use App\Shelf\RankedShelf;
use App\Shelf\ShelfFilter;
use App\Shelf\Sieve;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Capacity\CarryCase;
use Spindle\Kit\Ladder;
use Spindle\Kit\LadderStep;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Limit\Finding;
use Spindle\Sheet\JobSheet;

/** The shelf as the station Kit shows it: the best of what fits, a page at a time, and how much was held back by what. */
final readonly class KitShelf
{
    public const ON_A_PAGE = 15;

    private const FURTHEST = 300;

    /**
     * @param  list<ShelfRow>  $rows
     * @param  list<LadderStep>  $ladder  where none of the kits that fit carries
     * @param  array<int, string>  $suppliers  name by number
     * @param  array<string, int>  $onSteps  kits of the shelf that would carry on a step of the ladder, by its name
     */
    private function __construct(
        public RankedShelf $shelf,
        public ShelfFilter $filter,
        public array $rows,
        public int $from,
        public ?ShelfRow $best,
        public ?int $chosen,
        public array $ladder,
        public array $suppliers,
        public array $onSteps,
    ) {
    }

    public static function for(AssessedJob $page, Request $request): self
    {
        $filter = ShelfFilter::of($request);
        $from = max(0, min(self::FURTHEST, $request->integer('from')));
        // One more than is shown tells whether there are more.
        $shelf = RankedShelf::of($page->sheet, KeptJob::stampOfVehicle($page->job), $filter, $from + self::ON_A_PAGE + 1);
        $shown = array_slice($shelf->kits, $from, self::ON_A_PAGE);
        // Those that do not carry stand in the order of what they carry: the first of them that fits is the strongest.
        $strongest = $shelf->carrying > 0 ? null : collect($shelf->kits)->first(static fn (RankedKit $k): bool => $k->fits);
        $ids = array_map(static fn (RankedKit $k): int => (int) $k->key, $from === 0 ? $shown : [...$shown, ...array_slice($shelf->kits,
            0, 1)]);
        $kits = Kit::query()->with(['detail'])->findMany($ids)->keyBy('id');
        $judged = $shelf->remembered("judged {$from}", static fn (): array => $kits->map(
            static fn (Kit $kit): array => ShelfRow::of($kit, null, $page)->assessment->parts(),
        )->all());
        $row = static fn (RankedKit $ranked): ?ShelfRow => $kits->has($ranked->key)
            ? ShelfRow::of($kits[$ranked->key], $ranked, $page, $judged[$ranked->key] ?? []) : null;
        $rows = array_values(array_filter(array_map($row, $shown)));

        return new self(
            $shelf, $filter, $rows, $from, $from === 0 ? $rows[0] ?? null : (isset($shelf->kits[0]) ? $row($shelf->kits[0]) : null),
            self::chosen($page),
            $strongest === null ? [] : $shelf->remembered(
                "ladder {$page->display->decimalSign}",
                static fn (): array => Ladder::of($page->sheet, $row($strongest)?->values, $page->display),
            ),
            Supplier::query()->orderBy('name')->pluck('name', 'id')->all(),
            $strongest === null ? [] : $shelf->remembered('steps', static fn (): array => self::onSteps($page)),
        );
    }

    /**
     * The kits of those steps that a shelf can hold where none that fits carries: all but the size of the friction face speaks for them,
     * and they are strong enough, with one disc or with two.
     *
     * @return array<string, int>
     */
    private static function onSteps(AssessedJob $page): array
    {
        $document = $page->document()->with(['vehicle', 'friction_outer'], null)->with(['kit'], null);
        $sheet = JobSheet::of($document, $page->sheet->dictionary);
        $sieve = Sieve::of($sheet, CarryCase::of($sheet));
        $strong = static fn (): Builder => $sieve->carrying($sieve->passing(ShelfFilter::none()->kits()), true);

        return [
            LadderStep::LARGER_DISC => $strong()->whereRaw('coalesce(discs, 1) = 1')->count(),
            LadderStep::TWO_DISCS => $strong()->where('discs', '>=', 2)->count(),
        ];
    }

    /** The kit chosen for the job as it stands on the shelf now: by its row, or of one that came in a file by its number. */
    private static function chosen(AssessedJob $page): ?int
    {
        $choice = $page->job->kitChoice;
        $number = $choice?->data['number'] ?? null;

        return $choice->kit_id ?? (is_string($number) ? Kit::query()->where('number', $number)->first(['id'])?->id : null);
    }

    /** @return array<string, string> readings of the vehicle that every row waits for, the label by name */
    public function asked(): array
    {
        $keys = array_map(static fn (ShelfRow $row): array => array_merge(
            [], ...array_map(static fn (Finding $f): array => $f->missing, $row->toFindOut()),
        ), $this->rows);
        $asked = [];
        foreach (count($keys) > 1 ? array_intersect(...$keys) : [] as $key) {
            $field = str_starts_with($key, 'kit.') ? null : Subjects::dictionary()->find($key);
            if ($field !== null) {
                $asked[$key] = $field->label;
            }
        }

        return $asked;
    }

    /** How many kits the filter leaves that can be put in. */
    public function fitting(): int
    {
        return $this->shelf->passing;
    }

    public function hasMore(): bool
    {
        return count($this->shelf->kits) > $this->from + self::ON_A_PAGE;
    }
}
