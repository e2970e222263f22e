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
use Spindle\Capacity\CarryCase;
use Spindle\Kit\Ladder;
use Spindle\Kit\LadderStep;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\Standing;
use Spindle\Sheet\JobSheet;

/** The shelf as the station Kit shows it: the best of what fits, a page at a time, and how much was held back by what. */
final readonly class KitShelf
{
    public const ON_A_PAGE = 15;

    /** Beside kits that can be put in, so many of those that cannot: enough to see a slip of a reading. */
    private const UNFIT_BESIDE = 4;

    private const FURTHEST = 300;

    /**
     * @param  list<KitLine>  $rows
     * @param  list<LadderStep>  $ladder  where none of the kits that fit carries
     * @param  array<int, string>  $suppliers  name by number
     * @param  array<string, int>  $onSteps  kits of the shelf that would carry on a step of the ladder, by its name
     */
    private function __construct(
        public RankedShelf $shelf,
        public ShelfFilter $filter,
        public array $rows,
        public int $from,
        private int $shown,
        public ?KitLine $best,
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
        $shelf = RankedShelf::of($page->sheetOfShop(), KeptJob::stampOfVehicle($page->job), $filter, $from + self::ON_A_PAGE + 1);
        $shown = self::page(array_slice($shelf->kits, $from, self::ON_A_PAGE));
        // Those that are short stand in the order of what they lack: the first of them is the strongest.
        $strongest = $shelf->carrying > 0 ? null : collect($shelf->kits)->first(
            static fn (RankedKit $k): bool => $k->standing === Standing::Beyond && $k->shortBy !== null,
        );
        /** @var array<int, KitLine> $lines */
        $lines = $shelf->remembered("lines {$from} {$page->display->decimalSign}", static fn (): array => self::lines(
            $page, array_values(array_filter([...$shown, $shelf->kits[0] ?? null])),
        ));
        $line = static fn (RankedKit $ranked): ?KitLine => $lines[(int) $ranked->key] ?? null;

        return new self(
            $shelf, $filter, array_values(array_filter(array_map($line, $shown))), $from, count($shown),
            isset($shelf->kits[0]) ? $line($shelf->kits[0]) : null, self::chosen($page),
            $strongest === null ? [] : $shelf->remembered(
                "ladder {$page->display->decimalSign}",
                static fn (): array => Ladder::of($page->sheet, self::row($page, $strongest)?->values, $page->display),
            ),
            Supplier::query()->orderBy('name')->pluck('name', 'id')->all(),
            $strongest === null ? [] : $shelf->remembered('steps', static fn (): array => self::onSteps($page)),
        );
    }

    /**
     * What fits is not pushed off the screen by what does not; the rest of that stands on the page after it.
     *
     * @param  list<RankedKit>  $kits
     * @return list<RankedKit>
     */
    private static function page(array $kits): array
    {
        $fitting = count(array_filter($kits, static fn (RankedKit $k): bool => $k->standing !== Standing::Unfit));

        return $fitting === 0 ? $kits : array_slice($kits, 0, $fitting + self::UNFIT_BESIDE);
    }

    /**
     * @param  list<RankedKit>  $ranked
     * @return array<int, KitLine> by number of the kit; one that is gone meanwhile is left out
     */
    private static function lines(AssessedJob $page, array $ranked): array
    {
        $kits = Kit::query()->with(['detail'])->findMany(array_map(static fn (RankedKit $k): int => (int) $k->key, $ranked))->keyBy('id');
        $lines = [];
        foreach ($ranked as $one) {
            if ($kits->has($one->key)) {
                $lines[(int) $one->key] = KitLine::of(ShelfRow::of($kits[$one->key], $one, $page));
            }
        }

        return $lines;
    }

    private static function row(AssessedJob $page, RankedKit $ranked): ?ShelfRow
    {
        $kit = Kit::query()->with(['detail'])->find((int) $ranked->key);

        return $kit === null ? null : ShelfRow::of($kit, $ranked, $page);
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

    /** @return list<ShelfGroup> the rows of this page, group by group */
    public function groups(): array
    {
        $rows = [];
        foreach ($this->rows as $row) {
            $rows[$row->standing->value][] = $row;
        }

        return array_map(
            static fn (string $standing, array $of): ShelfGroup => new ShelfGroup(Standing::from($standing), $of), array_keys($rows), $rows,
        );
    }

    /** @return list<string> how many stand in each group, as one says it; of the last there may be more than were looked at */
    public function counts(): array
    {
        $counts = [];
        foreach ($this->shelf->kits as $kit) {
            $counts[$kit->standing->label()] = ($counts[$kit->standing->label()] ?? 0) + 1;
        }
        $last = array_key_last($counts);
        // As many as are looked at for a page, and one: there may be more that nobody counted.
        $isCutOff = count($this->shelf->kits) > $this->from + self::ON_A_PAGE;

        return array_map(
            static fn (string $group, int $count): string => lcfirst($group).': '.$count.($group === $last && $isCutOff ? ' or more' : ''),
            array_keys($counts), $counts,
        );
    }

    /** @return list<SettlingDatum> what would settle most of those that are to be asked, the most first */
    public function settling(): array
    {
        return SettlingDatum::of($this->shelf->kits);
    }

    /** How many kits the filter leaves that can be put in. */
    public function fitting(): int
    {
        return $this->shelf->passing;
    }

    /** Where the page before this one begins. */
    public function before(): int
    {
        return max(0, $this->from - self::ON_A_PAGE);
    }

    public function after(): int
    {
        return $this->from + $this->shown;
    }

    public function hasMore(): bool
    {
        return count($this->shelf->kits) > $this->after();
    }
}
