<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Kit;
use App\Shelf\FittedKit;
use App\Shelf\ShelfStamp;
use Spindle\Capacity\LiningLife;
use Spindle\Capacity\ShopWear;
use Spindle\Kit\Contents;
use Spindle\Kit\Fit\FitTable;
use Spindle\Kit\KitAdvice;
use Spindle\Kit\KitPart;
use Spindle\Kit\OpenLabour;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\Ranker;
use Spindle\Kit\Ranking\RankingRules;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
use Spindle\Release\CandidateRelease;
use Spindle\Sheet\Field;

/** One kit of the shelf looked at for one job. */
final readonly class KitInJob
{
    private const JOBS_SHOWN = 8;

    /**
     * @param  list<FittedKit>  $fitted  on other jobs, the latest first
     * @param  array{int, int}|null  $ofSupplier  kits of its supplier that were fitted in this shop, and those that came back
     */
    private function __construct(
        public ShelfRow $row,
        public RankedKit $ranked,
        public array $fitted,
        public ?array $ofSupplier,
        private AssessedJob $page,
    ) {
    }

    public static function of(Kit $kit, AssessedJob $page): self
    {
        $row = ShelfRow::of($kit, null, $page);

        $ranked = Ranker::of($page->sheetOfShop(), ShelfStamp::now()->currency)->rank($kit->id, $row->values);

        return new self($row, $ranked ?? throw new \LogicException('nothing is asked of its score'),
            FittedKit::ofKit($kit, $page->job, self::JOBS_SHOWN),
            $kit->supplier_id === null ? null : FittedKit::ofSupplier($kit->supplier_id), $page);
    }

    /** @return list<Finding> what must match, in the order in which one would look */
    public function fit(): array
    {
        $checks = array_map(static fn ($check): string => $check->id(), FitTable::checks());

        return array_values(array_filter(
            $this->row->assessment->findings, static fn (Finding $f): bool => in_array($f->id, $checks, true),
        ));
    }

    /** @return list<Finding> what it carries and how hot it gets, worst first */
    public function work(): array
    {
        return array_values(array_filter(
            $this->row->assessment->worstFirst(), static fn (Finding $f): bool => ! str_starts_with($f->id, 'kit.'),
        ));
    }

    /** @return list<Field> readings of the vehicle that would settle a check, to be taken where one stands */
    public function asked(): array
    {
        $fields = [];
        foreach ($this->row->assessment->findings as $finding) {
            foreach ($finding->verdict === Verdict::Unmeasured ? $finding->missing : [] as $key) {
                $field = $this->page->sheet->dictionary->find($key);
                if ($field !== null && ! str_starts_with($key, 'kit.')) {
                    $fields[$key] = $field;
                }
            }
        }

        return array_values($fields);
    }

    /** @return array<string, string> what its supplier does not say, and what it would decide, by name */
    public function unsaid(): array
    {
        $unsaid = [];
        foreach ($this->row->assessment->findings as $finding) {
            foreach ($finding->verdict === Verdict::Unmeasured ? $finding->missing : [] as $key) {
                $field = str_starts_with($key, 'kit.') ? $this->page->sheet->dictionary->find($key) : null;
                if ($field !== null) {
                    $unsaid[$field->label] ??= $finding->say($this->page->display);
                }
            }
        }

        return $unsaid;
    }

    /** How long its lining would last here and what that costs, or what is missing to say so. */
    public function life(): string
    {
        $life = $this->lasts();
        $d = $this->page->display;
        if (! $life instanceof LiningLife) {
            $missing = array_map(fn (string $key): string => lcfirst($this->page->sheet->dictionary->get($key)->label), $life);

            return 'How long its lining would last is not known without: '.implode(', ', $missing).'.';
        }
        $unit = $life->isByHours ? 'h' : 'km';
        [$least, $most] = array_map(fn (float $end): string => $d->quantityOf($end, 2), $life->range);
        $cost = $this->costToDrive($life);

        return "Its lining would last about {$d->quantityOf($life->life, 2)} {$unit} in this duty, {$least} to {$most} in eight of ten "
            .'cases. '.$this->wearFrom($life).($cost === null ? '' : ' Parts and labour: '.$d->number($cost[0], 0)
            .($life->isByHours ? ' for 100 h' : ' for 10 000 km').", {$d->number($cost[1], 0)} to {$d->number($cost[2], 0)}.");
    }

    /** How much of it leans on the built-in figure. */
    private function wearFrom(LiningLife $life): string
    {
        return match ($life->jobs) {
            0 => 'The wear is from memory; no job of this shop speaks of such a lining in such duty yet.',
            default => "Of {$this->page->display->number($life->jobs, 0)} ".($life->jobs === 1 ? 'job' : 'jobs')
                .' of this shop with such a lining in such duty; the figure from memory counts as '.ShopWear::DEFAULT_COUNTS.' more.',
        };
    }

    /** "60 EUR dearer, probably 30 % longer: cheaper to drive"; empty where one of the two is not known. */
    public function against(self $other): string
    {
        [$life, $theirs] = [$this->lasts(), $other->lasts()];
        [$price, $before] = [$this->row->jobPrice(), $other->row->jobPrice()];
        $isOneMoney = $this->row->kit->currency === $other->row->kit->currency;
        if (! $life instanceof LiningLife || ! $theirs instanceof LiningLife || $price === null || $before === null || ! $isOneMoney) {
            return '';
        }
        $d = $this->page->display;
        [$dearer, $longer] = [$price - $before, $life->longerThan($theirs)];
        $labour = OpenLabour::of($this->page->sheet) ?? 0.0;
        $isCheaper = $life->costToDrive($price + $labour) < $theirs->costToDrive($before + $labour);

        return rtrim($d->number(abs($dearer), 0).' '.$this->row->kit->currency).($dearer >= 0 ? ' dearer, ' : ' cheaper, ')
            .'probably '.$d->percent(abs($longer)).($longer >= 0 ? ' longer' : ' shorter')
            .': '.($isCheaper ? 'cheaper' : 'dearer')." to drive than {$other->row->kit->name}.";
    }

    /** @return LiningLife|list<string> */
    private function lasts(): LiningLife|array
    {
        return LiningLife::of($this->page->sheetOfShop(), $this->row->values);
    }

    /** @return array{float, float, float}|null of parts and labour, with its range; nothing where price or labour is not known */
    private function costToDrive(LiningLife $life): ?array
    {
        [$parts, $labour] = [$this->row->jobPrice(), OpenLabour::of($this->page->sheet)];

        return $parts === null || $labour === null ? null : [$life->costToDrive($parts + $labour), ...$life->costRange($parts + $labour)];
    }

    /** @return list<string> what it would come to on this vehicle's release, a sentence each; what is missing last */
    public function release(): array
    {
        $on = CandidateRelease::of($this->page->sheet, $this->row->values);
        $d = $this->page->display;
        $over = $on->overTravels();
        $missing = array_map(fn (string $key): string => lcfirst($this->page->sheet->dictionary->get($key)->label), $on->missing);

        return array_values(array_filter([
            $on->pedalForce === null ? '' : "Pedal force {$d->quantity($on->pedalForce, 1.0)} at the pad.",
            $on->bearingTravel === null ? '' : "The bearing travels {$d->quantity($on->bearingTravel, 0.1)}".match (true) {
                $on->mostTravel === null || $over === null => '.',
                $over => ", more than the {$d->quantity($on->mostTravel, 0.1)} that the cover takes: a stop at the pedal.",
                default => " of the {$d->quantity($on->mostTravel, 0.1)} that the cover takes.",
            },
            $on->airGap === null ? '' : "Air {$d->quantity($on->airGap, 0.01)} at each face with the pedal down.",
            $on->takeUp === null ? '' : "It bites {$d->percent($on->takeUp->value)} above the floor.",
            $missing === [] ? '' : 'Not known without: '.implode(', ', $missing).'.',
        ], static fn (string $said): bool => $said !== ''));
    }

    /** @return list<string> */
    public function advice(): array
    {
        return array_map(
            fn (Said $one): string => $one->in($this->page->display), KitAdvice::of($this->page->sheet, $this->row->values),
        );
    }

    /** @return list<ScoreLine> what its place is made of */
    public function score(): array
    {
        return ScoreLine::all($this->ranked->score, RankingRules::of($this->page->sheet));
    }

    /** What a check of the fit is called. */
    public function nameOf(Finding $check): string
    {
        return FitTable::label($check->id);
    }

    /** @return list<KitPart> whatever may be in a box */
    public function allParts(): array
    {
        return KitPart::cases();
    }

    public function contents(): Contents
    {
        return Contents::of($this->row->values);
    }
}
