<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Kit;
use Spindle\Assessment\Assessment;
use Spindle\Capacity\Material;
use Spindle\Kit\Fit\FitTable;
use Spindle\Kit\KitAdvice;
use Spindle\Kit\Ranking\RankedKit;
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

    private function __construct(
        public Kit $kit,
        public FieldValues $values,
        public Assessment $assessment,
        public ?RankedKit $ranked,
        private JobSheet $sheet,
        private Display $display,
    ) {
    }

    /** @param  array<array-key, mixed>  $judged  what it came to before, for just this job and this kit; nothing where that is not known */
    public static function of(Kit $kit, ?RankedKit $ranked, AssessedJob $page, array $judged = []): self
    {
        $values = FieldValues::ofBase($page->sheet->dictionary, $kit->detail->facts ?? []);
        $assessment = Assessment::again($page->sheet, $judged) ?? Assessment::ofKit($page->sheet, $values);

        return new self($kit, $values, $assessment, $ranked, $page->sheet, $page->display);
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

    /**
     * The one reason that decides: what is out, else what its torque is short of, else what is still to be found out.
     *
     * @param  list<string>  $said  readings that are asked for above all rows, and need not be asked for again in each
     */
    public function reason(array $said = []): string
    {
        $verdict = $this->verdict();
        $worst = array_values(array_filter($this->assessment->worstFirst(), fn (Finding $f): bool => $f->verdict === $verdict));
        $open = $this->toFindOut();
        $own = array_values(array_filter($open, static fn (Finding $f): bool => array_diff($f->missing, $said) !== []));
        $near = array_values(array_filter($this->assessment->findings, static fn (Finding $f): bool => $f->verdict === Verdict::Near));

        return match (true) {
            $verdict === Verdict::Within => 'Fits and carries.',
            $verdict === Verdict::Unmeasured && $own !== [] && count($open) === count($worst) => 'To find out: '
                .implode(', ', array_map(static fn (Finding $f): string => lcfirst(FitTable::label($f->id)), $own)).'.',
            $verdict === Verdict::Unmeasured && count($open) === count($worst) => isset($near[0])
                ? $near[0]->say($this->display) : 'Nothing else is open.',
            $verdict === Verdict::Out && str_starts_with($worst[0]->id, 'kit.') => 'Does not fit: '
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
