<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\SheetFile;
use App\Models\KitDetail;
use App\Shelf\OpenKitList;
use App\Shelf\RankingJson;
use App\Shelf\RowError;
use App\Shelf\ShelfError;
use App\Shelf\ShelfFilter;
use App\Shelf\ShelfRanking;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Spindle\Assessment\Subjects;
use Spindle\Kit\Ranking\RankedKit;
use Spindle\Kit\Ranking\Ranking;
use Spindle\Quantity\Display;
use Spindle\Sheet\Document;
use Spindle\Sheet\FieldValues;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** Ranks the kits of the shelf, or of an open kit list, for one job. Exit 0: ranked, whatever came of it; 2: not readable. */
final class RankKits extends Command
{
    protected $signature = 'kits:rank
        {sheet : job sheet file, or - for standard input}
        {--kits= : an open kit list to rank instead of the shelf}
        {--top=20 : how many are shown}
        {--json : print as JSON}';

    protected $description = 'Rank clutch kits for a job sheet';

    public function handle(): int
    {
        try {
            /** @var string $file */
            $file = $this->argument('sheet');
            $sheet = JobSheet::of(Document::ofJson(SheetFile::read($file)), Subjects::dictionary());
            [$ranking, $kits, $counted, $errors] = $this->ranked($sheet, $this->top());
        } catch (SheetError|ShelfError $e) {
            $output = $this->output->getOutput();
            $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
            $errors->writeln((string) preg_replace('/\s+/u', ' ', mb_scrub($e->getMessage())), 32);

            return self::INVALID;
        }
        $display = new Display($sheet->units);
        if ($this->option('json') === true) {
            $this->output->writeln(RankingJson::of($sheet, $ranking, $kits, $counted, $errors, $display), 32);
        } else {
            $this->report($sheet, $ranking, $kits, $counted, $errors);
        }

        return self::SUCCESS;
    }

    /**
     * @return array{Ranking, array<int|string, FieldValues>, int, list<RowError>}
     *
     * @throws ShelfError|SheetError
     */
    private function ranked(JobSheet $sheet, int $top): array
    {
        $file = $this->option('kits');
        if (is_string($file) && $file !== '') {
            $list = OpenKitList::read($file);
            $ranking = Ranking::of($sheet, $list->kits, $top, $list->currency());

            return [$ranking, $list->kits, count($list->kits), $list->errors];
        }
        try {
            $shelf = ShelfRanking::of($sheet, ShelfFilter::none(), $top, true);
        } catch (QueryException) {
            $shelf = null;
        }
        if (($shelf === null || $shelf->counted === 0) && $sheet->kits !== []) {
            return [Ranking::of($sheet, $sheet->kits, $top), $sheet->kits, count($sheet->kits), []];
        }
        if ($shelf === null) {
            throw ShelfError::noShelf();
        }
        $kits = [];
        foreach (KitDetail::query()->whereIn('kit_id', array_map(static fn (RankedKit $k): int|string => $k->key,
            $shelf->ranking->kits))->get() as $detail) {
            $kits[$detail->kit_id] = FieldValues::ofBase(Subjects::dictionary(), $detail->facts);
        }

        return [$shelf->ranking, $kits, $shelf->counted ?? $shelf->passing, []];
    }

    /**
     * @param  array<int|string, FieldValues>  $kits
     * @param  list<RowError>  $errors
     */
    private function report(JobSheet $sheet, Ranking $ranking, array $kits, int $counted, array $errors): void
    {
        $lines = [$counted.' kits looked at'.($ranking->carrying > 0 ? '' : '; none of them fits and carries')];
        foreach ($ranking->kits as $i => $ranked) {
            $kit = $kits[$ranked->key] ?? new FieldValues($sheet->dictionary);
            $parts = [];
            foreach ($ranked->score->parts as $name => $part) {
                $parts[] = $name.' '.($part === null ? 'not known' : number_format($part, 2));
            }
            $lines[] = sprintf(
                '%3d  %-14s %-32s %s  %.3f (%s)', $i + 1, $kit->word('kit.number') ?? '', $kit->word('kit.name') ?? '',
                ! $ranked->fits ? 'does not fit' : ($ranked->carries ? 'carries' : 'does not carry'), $ranked->score->total,
                implode(', ', $parts),
            );
        }
        foreach ($errors as $e) {
            $lines[] = "line {$e->line}, column “{$e->column}”: read “{$e->read}”, expected {$e->expected}";
        }
        $this->output->writeln($lines, 32);
    }

    /** @throws ShelfError when it is no number */
    private function top(): int
    {
        $top = $this->option('top');

        return is_string($top) && ctype_digit($top) && (int) $top > 0 && (int) $top <= 10_000 ? (int) $top : throw ShelfError::noTop();
    }
}
