<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use Spindle\Capacity\Habit;
use Spindle\Capacity\HabitFields;
use Spindle\Capacity\Habits;
use Spindle\Capacity\LiningLife;
use Spindle\Kit\OpenLabour;
use Spindle\Kit\Price;
use Spindle\Kit\Ranking\BoxAndRest;
use Spindle\Kit\Ranking\RankingRules;
use Spindle\Quantity\Duration;
use Spindle\Quantity\Mass;
use Spindle\Quantity\Speed;
use Spindle\Vehicle\VehicleClass;

/** What the driver's habits do to the lining that goes in: in kilometres, and in money where price and labour are known. */
final readonly class Driving
{
    /**
     * @param  Habits|list<string>  $habits  how it is driven, or what is missing to say so
     * @param  array<string, float>  $shown  how far each habit goes, in base units
     * @param  bool  $isKept  it is on the job, for the customer
     */
    private function __construct(
        private AssessedJob $page,
        public Habits|array $habits,
        public array $shown,
        public bool $isKept,
    ) {
    }

    /** @param  array<string, float>  $asked  moved by hand, in base units; what is not among them is as kept, else as usual */
    public static function of(AssessedJob $page, array $asked = []): self
    {
        $habits = $page->hasKitChosen() ? Habits::of($page->sheetOfShop()) : ['kit.name'];
        $kept = [];
        foreach (Habit::cases() as $habit) {
            $value = $page->values()->entries($habit->reading())[0] ?? null;
            $kept += $value === null ? [] : [$habit->value => $value->quantity->value];
        }
        $usual = $habits instanceof Habits ? [
            Habit::Revs->value => $habits->usualRevs->value, Habit::Held->value => 0.0, Habit::HardStarts->value => 0.0,
            Habit::Trailer->value => $habits->usualTrailer()->value,
        ] : [];

        return new self($page, $habits, [...$usual, ...$kept, ...$asked], $kept !== []);
    }

    public function isKnown(): bool
    {
        return $this->habits instanceof Habits;
    }

    /** @return list<string> what it cannot be said without */
    public function missing(): array
    {
        return $this->habits instanceof Habits ? [] : array_map(
            fn (string $key): string => lcfirst($this->page->sheet->dictionary->get($key)->label), $this->habits,
        );
    }

    /** The heaviest trailer that is worth showing for such a vehicle, in kg. From memory [M]. */
    public function mostTrailer(): float
    {
        return match ($this->page->sheet->vehicleClass()) {
            VehicleClass::Truck => HabitFields::MOST_TRAILER,
            VehicleClass::Tractor => HabitFields::MOST_TRAILER / 2,
            default => 3500.0,
        };
    }

    public function usual(): ?LiningLife
    {
        return $this->habits instanceof Habits ? $this->habits->usual() : null;
    }

    /** With all habits as they are shown; nothing where it does not move off that way. */
    public function life(): ?LiningLife
    {
        return $this->habits instanceof Habits ? $this->habits->life($this->shown) : null;
    }

    /** With one habit alone, however far it goes. */
    public function lifeWith(Habit $habit, ?float $far = null): ?LiningLife
    {
        return $this->habits instanceof Habits ? $this->habits->life([$habit->value => $far ?? $this->shown[$habit->value]]) : null;
    }

    /** Whether it is other than as entered. */
    public function isMore(Habit $habit): bool
    {
        return $this->habits instanceof Habits && abs($this->shown[$habit->value] - match ($habit) {
            Habit::Revs => $this->habits->usualRevs->value,
            Habit::Trailer => $this->habits->usualTrailer()->value,
            default => 0.0,
        }) > 1e-6;
    }

    /** "2 400 rpm", "20 s", "none" */
    public function far(Habit $habit): string
    {
        $far = $this->shown[$habit->value];
        $display = $this->page->display;

        return match (true) {
            $habit === Habit::Revs => $display->quantity(Speed::of($far), 10.0),
            $far <= 0.0 => 'none',
            $habit === Habit::Held => $display->number(Duration::of($far)->as('s'), 0).' s',
            $habit === Habit::HardStarts => $display->number($far, 0),
            default => $display->quantity(Mass::of($far), 10.0),
        };
    }

    /** "190 000 km"; that it does not move off, where it does not. */
    public function lasts(?LiningLife $life): string
    {
        return $life === null ? 'does not move off' : $this->page->display->quantityOf($life->life, 2).($life->isByHours ? ' h' : ' km');
    }

    /** "71 000 km less, 9.2 EUR dearer for 10 000 km"; empty where nothing is lost. */
    public function takes(Habit $habit): string
    {
        [$usual, $life] = [$this->usual(), $this->lifeWith($habit)];
        if ($usual === null || ! $this->isMore($habit)) {
            return '';
        }
        if ($life === null) {
            return 'it does not move off that way';
        }
        $display = $this->page->display;
        $less = $usual->life - $life->life;
        $money = $this->money();
        $dearer = $money === null ? 0.0 : $life->costToDrive($money) - $usual->costToDrive($money);

        return $display->quantityOf(abs($less), 2).($usual->isByHours ? ' h' : ' km').($less >= 0.0 ? ' less' : ' more')
            .($money === null ? '' : ', '.$this->amount(abs($dearer)).($dearer >= 0.0 ? ' dearer' : ' cheaper').' for '
                .($usual->isByHours ? '100 h' : '10 000 km'));
    }

    /** What it leans on, in a sentence. */
    public function leansOn(): string
    {
        if (! $this->habits instanceof Habits) {
            return '';
        }
        $usual = $this->usual();
        $year = $this->page->display->quantityOf($this->habits->year(), 2).($usual?->isByHours === true ? ' h' : ' km');

        return "Reckoned with {$year} a year. ".($usual === null || $usual->jobs === 0
            ? 'The wear is from memory: it may be half or twice as much, and the comparison holds all the same.'
            : "{$usual->jobs} jobs of this shop with such a lining in such duty are counted in.");
    }

    /** In the currency of the kit, where it names one; tenths only of what is small. */
    private function amount(float $of): string
    {
        return rtrim($this->page->display->number($of, $of < 10.0 ? 1 : 0).' '.(Price::of($this->page->values())->currency ?? ''));
    }

    /** Parts of the job and labour, where both are known. */
    private function money(): ?float
    {
        $values = $this->page->values();
        [$price, $labour] = [Price::of($values), OpenLabour::of($this->page->sheet)];

        return $price === null || $labour === null ? null : $price->amount + $labour
            + BoxAndRest::of($this->page->sheet, RankingRules::of($this->page->sheet))->price($values);
    }
}
