<?php

declare(strict_types=1);

namespace App\Page;

use App\Models\Kit;
use Spindle\Assessment\Assessment;
use Spindle\Capacity\Material;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Quantity\Force;
use Spindle\Quantity\Length;
use Spindle\Quantity\Torque;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\SheetError;

/** A kit of the catalogue judged for one job. */
final readonly class KitList
{
    private function __construct(
        public Kit $kit,
        public FieldValues $values,
        public Assessment $assessment,
        public bool $isChosen,
        private string $broken = '',
    ) {
    }

    /** @return list<self> the best first, those that do not fit or carry last, none left out */
    public static function for(JobPage $page): array
    {
        $chosen = $page->job->kitChoice?->data['number'] ?? null;
        $list = Kit::query()
            ->with('detail')
            ->orderBy('number')
            ->limit(60)
            ->get()
            ->map(static fn (Kit $kit): self => self::judge($kit, $page, $chosen === $kit->number))
            ->all();
        usort(
            $list,
            static fn (self $a, self $b): int => [$b->fits(), $b->verdict()->rank(), $a->excess()] <=> [
                $a->fits(),
                $a->verdict()->rank(),
                $b->excess(),
            ],
        );

        return $list;
    }

    /** One that cannot be read stands on the list as that, and keeps no other from it. */
    private static function judge(Kit $kit, JobPage $page, bool $isChosen): self
    {
        try {
            $values = FieldValues::ofBase($page->sheet->dictionary, $kit->detail->facts ?? []);

            return new self($kit, $values, Assessment::ofKit($page->sheet, $values, $page->display), $isChosen);
        } catch (SheetError $e) {
            return self::broken($kit, $page, $isChosen, $e->getMessage());
        }
    }

    private static function broken(Kit $kit, JobPage $page, bool $isChosen, string $why): self
    {
        $nothing = new FieldValues($page->sheet->dictionary);

        return new self($kit, $nothing, Assessment::ofKit($page->sheet, $nothing, $page->display), $isChosen, $why);
    }

    public function verdict(): Verdict
    {
        return $this->broken === '' ? $this->assessment->verdict() : Verdict::Out;
    }

    /** What the kit is, in one line. */
    public function line(Display $display): string
    {
        $parts = [];
        $outer = $this->values->one(Length::class, 'kit.lining_outer');
        $clamp = $this->values->one(Force::class, 'kit.clamp_load');
        $claimed = $this->values->one(Torque::class, 'kit.claimed_torque');
        $material = Material::tryFrom($this->values->word('kit.material') ?? '');
        $discs = $this->values->count('kit.discs');
        $parts[] = $discs === null ? '' : ($discs === 1 ? 'one disc' : "{$discs} discs");
        $parts[] = $outer === null ? '' : $display->quantity($outer, 1.0);
        $parts[] = $material === null ? '' : lcfirst($material->label());
        $parts[] = $clamp === null ? 'clamp load not stated' : 'clamp '.$display->quantity($clamp, 10.0);
        $parts[] = $claimed === null ? '' : 'claims '.$display->quantity($claimed, 1.0);
        $parts[] = $this->values->word('kit.price') ?? '';
        $parts[] = $this->values->word('kit.lead_time') ?? '';

        return implode(' · ', array_filter($parts, static fn (string $part): bool => $part !== ''));
    }

    /** Whether nothing known speaks against putting it in at all. */
    public function fits(): bool
    {
        return $this->broken === '' &&
            array_filter(
                $this->assessment->findings,
                static fn (Finding $f): bool => $f->verdict === Verdict::Out && str_starts_with($f->id, 'kit.'),
            ) === [];
    }

    /** @return list<Finding> those that decide, worst first */
    public function reasons(): array
    {
        if ($this->broken !== '') {
            return [Finding::of('kit.unreadable', Verdict::Out, "Cannot be read: {$this->broken}.")];
        }
        $worst = $this->verdict();
        $reasons = array_values(
            array_filter(
                $this->assessment->worstFirst(),
                static fn (Finding $f): bool => $f->verdict === $worst && $worst !== Verdict::Within,
            ),
        );
        $margin = $this->assessment->find('capacity.margin');

        return $margin === null || in_array($margin, $reasons, true) ? $reasons : [...$reasons, $margin];
    }

    /** How far the torque stands from what is wanted: the smallest margin first where kits carry, the greatest where none does. */
    private function excess(): float
    {
        $margin = $this->assessment->figure('capacity.margin');
        $margin = is_float($margin) ? $margin : INF;

        return $this->assessment->find('capacity.margin')?->verdict === Verdict::Out ? -$margin : $margin;
    }
}
