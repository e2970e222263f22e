<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Kit;
use App\Shelf\FittedKit;
use App\Shelf\ShelfStamp;
use Spindle\Kit\Contents;
use Spindle\Kit\Fit\FitTable;
use Spindle\Kit\KitAdvice;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\Ranker;
use Spindle\Kit\Ranking\RankingRules;
use Spindle\Limit\Finding;
use Spindle\Limit\Said;
use Spindle\Limit\Verdict;
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

        $ranked = Ranker::of($page->sheet, ShelfStamp::now()->currency)->rank($kit->id, $row->values);

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

    public function contents(): Contents
    {
        return Contents::of($this->row->values);
    }
}
