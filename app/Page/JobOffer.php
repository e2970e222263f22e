<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\KeptJob;
use App\Jobs\ReaderLocale;
use App\Models\Kit;
use App\Models\OrderStep;
use App\Shelf\RankedShelf;
use App\Shelf\ShelfFilter;
use DateTimeImmutable;
use Illuminate\Support\Carbon;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\Standing;
use Spindle\Offer\Accepted;
use Spindle\Offer\KnownPrices;
use Spindle\Offer\Offer;
use Spindle\Offer\OfferFields;
use Spindle\Offer\OfferLine;
use Spindle\Offer\OfferRules;
use Spindle\Planning\PlanningError;
use Spindle\Triage\Outcome;
use Spindle\Triage\Reach;

/** What a job will cost by what is known of it now, what was offered for it, and how that was answered. */
final readonly class JobOffer
{
    /** Kits that are offered to choose from while none is chosen. */
    private const MOST_KITS = 3;

    private const NO_PRICE = 'price not known';

    /**
     * @param  list<ShelfRow>  $kits  known to fit and carry, the best first; none where one is chosen, or the job needs none
     * @param  JobPlanning|null  $planning  nothing where no plan can be laid
     */
    private function __construct(
        public Offer $now,
        public ?Accepted $made,
        public array $kits,
        private ?JobPlanning $planning,
        private AssessedJob $page,
    ) {
    }

    public static function of(AssessedJob $page): self
    {
        $kits = self::toChooseFrom($page);
        try {
            $planning = JobPlanning::of($page);
        } catch (PlanningError) {
            $planning = null;
        }

        return new self(self::now($page, $kits[0] ?? null), Accepted::of($page->values()), $kits, $planning, $page);
    }

    /** That what is known now is beyond what was accepted; empty where it is not, or nothing was. */
    public static function beyond(AssessedJob $page): string
    {
        $made = Accepted::of($page->values());
        if ($made === null || ! $made->isAccepted() || $page->job->isSigned()) {
            return '';
        }
        $beyond = $made->beyond(self::now($page, self::toChooseFrom($page)[0] ?? null), $page->sheet);

        return $beyond === null ? '' : $beyond->in($page->display);
    }

    private static function now(AssessedJob $page, ?ShelfRow $candidate): Offer
    {
        $prices = array_map(static fn (OrderStep $step): ?float => $step->total(), OrderStep::lastOf($page->job->id));

        return Offer::of($page->sheetOfShop(), new KnownPrices(
            array_filter($prices, static fn (?float $price): bool => $price !== null), JobPlanning::ownHours($page), $candidate?->values,
        ));
    }

    /** @return list<ShelfRow> */
    private static function toChooseFrom(AssessedJob $page): array
    {
        if (Reach::hasKit($page->sheet) || $page->job->isSigned() || Reach::of($page->sheet)->outcome !== Outcome::Strip) {
            return [];
        }
        $ranked = RankedShelf::of($page->sheetOfShop(), KeptJob::stampOfVehicle($page->job), ShelfFilter::none(), self::MOST_KITS);
        $known = array_filter($ranked->kits, static fn (RankedKit $k): bool => $k->standing === Standing::Known);
        $kits = Kit::query()->with('detail')->whereIn('id', array_map(static fn (RankedKit $k): int => (int) $k->key, $known))->get()
            ->keyBy('id');
        $rows = [];
        foreach ($known as $one) {
            $kit = $kits->get((int) $one->key);
            if ($kit !== null) {
                $rows[] = ShelfRow::of($kit, $one, $page);
            }
        }

        return $rows;
    }

    /** @return list<array{string, string}> what, and for how much */
    public function lines(): array
    {
        return array_map(fn (OfferLine $l): array => [
            $l->what->in($this->page->display), $l->amount === null ? self::NO_PRICE : $this->page->display->number($l->amount, 2),
        ], $this->now->lines);
    }

    /** As it is kept with the job and printed: a line each. */
    public function written(): string
    {
        return implode("\n", array_map(static fn (array $line): string => "{$line[0]}: {$line[1]}", $this->lines()));
    }

    /** @return list<array{string, string}> of the offer that was made */
    public function madeLines(): array
    {
        $lines = explode("\n", $this->page->values()->word(OfferFields::LINES) ?? '');

        return array_map(static fn (string $line): array => preg_match('/^(.*): ([^:]*)$/', $line, $m) === 1
            ? [$m[1], $m[2]] : [$line, ''], array_values(array_filter($lines, static fn (string $line): bool => $line !== '')));
    }

    /** Whether something of the offer that was made had no price. */
    public function isMadeAtLeast(): bool
    {
        return in_array(self::NO_PRICE, array_column($this->madeLines(), 1), true);
    }

    public function total(): string
    {
        return $this->money($this->now->total, $this->now->currency);
    }

    public function madeTotal(): string
    {
        return $this->made === null ? '' : $this->money($this->made->total, $this->made->currency);
    }

    private function money(float $amount, string $currency): string
    {
        return rtrim($this->page->display->number($amount, 2).' '.$currency);
    }

    /** Tells what was looked at from what would be offered by now. */
    public function mark(): string
    {
        return hash('xxh128', $this->written().$this->now->total);
    }

    /** @return array<string, string> what is written down with the offer beside its lines, by field */
    public function toMake(): array
    {
        $day = fn (?DateTimeImmutable $at): string => $at === null || $this->planning === null ? ''
            : $at->setTimezone($this->planning->calendar->zone)->format('Y-m-d');

        return [
            OfferFields::NUMBER => (string) (1 + ($this->made->number ?? 0)), OfferFields::LINES => $this->written(),
            OfferFields::TOTAL => number_format($this->now->total, 2, '.', ''), OfferFields::CURRENCY => $this->now->currency,
            OfferFields::MADE_ON => now()->format('Y-m-d'), OfferFields::LIKELY_ON => $day($this->planning?->plan->likely),
            OfferFields::SAFE_ON => $day($this->planning?->plan->safe),
        ];
    }

    /** When it would be ready, likely and safely; empty where no plan can be laid. */
    public function ready(): string
    {
        return $this->planning === null ? '' : 'Likely ready on '.ReaderLocale::date($this->planning->plan->likely).', safely on '
            .ReaderLocale::date($this->planning->plan->safe).'.';
    }

    /** A day that was written down with the offer, as its reader writes it; empty where none was. */
    public function day(string $field): string
    {
        $day = $this->page->values()->word($field);

        return $day === null || strlen($day) !== 10 ? $day ?? '' : ReaderLocale::date(Carbon::parse($day));
    }

    /** The last day on which the offer that was made stands. */
    public function standsUntil(): string
    {
        $made = $this->page->values()->word(OfferFields::MADE_ON);

        return $made === null || strlen($made) !== 10 ? ''
            : ReaderLocale::date(Carbon::parse($made)->addDays(OfferRules::of($this->page->sheet)->validDays));
    }

    public function isTaxIn(): bool
    {
        return OfferRules::of($this->page->sheet)->tax !== null;
    }

    /** "296 EUR with what its box lacks, there in 2 days" */
    public function kitSaid(ShelfRow $row): string
    {
        $days = $row->kit->lead_days;

        return implode(', ', [
            $row->priceOfJob() === '' ? 'price not said' : $row->priceOfJob().' with what its box lacks',
            $days === null ? 'days not said' : ((int) $days === 1 ? 'there in a day' : "there in {$days} days"),
        ]);
    }
}
