<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Kit;
use Closure;
use Spindle\Assessment\Assessment;
use Spindle\Capacity\Material;
use Spindle\Kit\Fit\FitTable;
use Spindle\Kit\KitAdvice;
use Spindle\Kit\KitPart;
use Spindle\Kit\Ranking\BoxAndRest;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\Standing;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Length;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;

/** A kit of the shelf as one line says it for one job. */
final readonly class ShelfRow
{
    /** What is out, in two words before the sentence. */
    private const WORK = [
        'capacity.margin' => 'Too weak. ', 'capacity.floor' => 'Too weak worn or hot. ', 'launch.heat' => 'Starts too hot. ',
        'capacity.lining_pressure' => 'Lining crushed. ',
    ];

    /** @param  list<string>  $offered  parts of which the counter named a price for this job */
    private function __construct(
        public Kit $kit,
        public FieldValues $values,
        public Assessment $assessment,
        public ?RankedKit $ranked,
        private JobSheet $sheet,
        private Display $display,
        private array $offered,
        private BoxAndRest $rest,
    ) {
    }

    public static function of(Kit $kit, ?RankedKit $ranked, AssessedJob $page): self
    {
        return self::judged($kit, $ranked, $page, Assessment::ofKit(...));
    }

    /** Looked at for what keeps it out; nothing is said of what it carries. */
    public static function toFit(Kit $kit, AssessedJob $page): self
    {
        return self::judged($kit, null, $page, Assessment::ofFit(...));
    }

    /** @param  Closure(JobSheet, FieldValues): Assessment  $judge */
    private static function judged(Kit $kit, ?RankedKit $ranked, AssessedJob $page, Closure $judge): self
    {
        $values = FieldValues::ofBase($page->sheet->dictionary, $kit->detail->facts ?? []);
        $assessment = $judge($page->sheet, $values);

        return new self(
            $kit, $values, $assessment, $ranked, $page->sheetOfShop(), $page->display, array_keys($page->offers()), $page->boxAndRest(),
        );
    }

    /** The worst of everything that is judged of it: what is not measured passes nothing, and is not shown as if it did. */
    public function verdict(): Verdict
    {
        return $this->assessment->verdict();
    }

    /** What it is, shortly: "240 mm, organic, moulded". */
    public function what(): string
    {
        $outer = $this->values->one(Length::class, 'kit.lining_outer');
        $material = Material::tryFrom($this->values->word('kit.material') ?? '');

        return implode(', ', array_filter([
            $outer === null ? '' : $this->display->quantity($outer, 1.0), $material === null ? 'lining not said'
                : lcfirst($material->label()),
        ], static fn (string $text): bool => $text !== ''));
    }

    /** How its lining takes up; empty where its supplier does not say of what it is. */
    public function character(): string
    {
        return Material::tryFrom($this->values->word('kit.material') ?? '')?->character() ?? '';
    }

    /** The one reason that decides: what is out, else what its torque is short of, else what is still to be found out. */
    public function reason(): string
    {
        $verdict = $this->verdict();
        $worst = array_values(array_filter($this->assessment->worstFirst(), fn (Finding $f): bool => $f->verdict === $verdict));
        // Of what cannot be put in, what keeps it out is said before what else is wrong with it.
        if ($this->ranked?->standing === Standing::Unfit) {
            usort($worst, static fn (Finding $a, Finding $b): int => (FitTable::label($b->id) !== '') <=> (FitTable::label($a->id) !== ''));
        }
        $open = $this->toFindOut();

        return match (true) {
            $verdict === Verdict::Within => 'Fits and carries.',
            $verdict === Verdict::Unmeasured && $open !== [] && count($open) === count($worst) => 'To find out: '
                .implode(', ', array_map(static fn (Finding $f): string => lcfirst(FitTable::label($f->id)), $open)).'.',
            $verdict === Verdict::Out && FitTable::label($worst[0]->id) !== '' => 'Does not fit: '
                .lcfirst(FitTable::label($worst[0]->id)).'. '.$worst[0]->say($this->display),
            $verdict === Verdict::Out => (self::WORK[$worst[0]->id] ?? '').$worst[0]->say($this->display),
            default => $worst[0]->say($this->display),
        };
    }

    /** @return list<Finding> checks of the fit that wait for a datum */
    public function toFindOut(): array
    {
        return array_values(array_filter(
            $this->assessment->findings,
            static fn (Finding $f): bool => $f->verdict === Verdict::Unmeasured && str_starts_with($f->id, 'kit.'),
        ));
    }

    /** Pedal effort against the old kit: "+22 %"; empty where the old one's is not known. */
    public function effort(): string
    {
        $rise = KitAdvice::effortRise($this->sheet, $this->values);

        return $rise === null ? '' : ($rise < 0 ? '−' : '+').$this->display->percent(abs($rise));
    }

    public function heat(): string
    {
        $heat = $this->assessment->figure('launch.energy_per_area');

        return is_float($heat) ? $this->display->number($heat, 0) : '';
    }

    public function price(): string
    {
        return $this->kit->price === null ? '' : $this->display->number($this->kit->price, 0).' '.$this->kit->currency;
    }

    /** The box and what has to be bought beside; nothing where its price is not said. */
    public function jobPrice(): ?float
    {
        return $this->kit->price === null ? null : $this->kit->price + array_sum($this->beside());
    }

    /** What the job comes to with it: the box, and what has to be bought beside; empty where its price is not said. */
    public function priceOfJob(): string
    {
        $beside = array_sum($this->beside());

        return $this->kit->price === null || $beside === 0.0
            ? $this->price() : $this->display->number($this->kit->price + $beside, 0).' '.$this->kit->currency;
    }

    /** @return array<string, float> what the box lacks and the job needs, with its usual price */
    public function beside(): array
    {
        return $this->rest->lacking($this->values);
    }

    /** "296 EUR the kit, beside it release bearing 35, at the usual price"; empty where nothing is bought beside. */
    public function priceMadeOf(): string
    {
        $parts = [];
        foreach ($this->beside() as $part => $price) {
            $parts[] = lcfirst(KitPart::from($part)->label()).' '.$this->display->number($price, 0)
                .(in_array($part, $this->offered, true) ? ' at the counter' : ' as usual');
        }

        return $parts === [] || $this->kit->price === null ? '' : $this->price().' the kit, beside it '.implode(', ', $parts);
    }

    /** When it comes; empty where its supplier does not say. */
    public function days(): string
    {
        return match ($this->kit->lead_days) {
            null => '',
            0 => 'at once',
            1 => '1 day',
            default => "{$this->kit->lead_days} days",
        };
    }
}
