<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\SheetFile;
use App\Sheets\AssessmentJson;
use Illuminate\Console\Command;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Display;
use Spindle\Sheet\Document;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\SheetError;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/**
 * Assesses job sheets from files. Exit 0: nothing out or unmeasured; 1: something is; 2: a file is not readable or not valid.
 */
final class AssessSheet extends Command
{
    protected $signature = 'sheet:assess
        {files* : job sheet files, or - for standard input}
        {--json : print the assessment as JSON, one line a file where there are several}';

    protected $description = 'Assess clutch job sheets: figures, findings, what is unmeasured';

    public function handle(): int
    {
        /** @var list<string> $files */
        $files = $this->argument('files');
        $several = count($files) > 1;
        $exit = self::SUCCESS;
        foreach ($files as $file) {
            try {
                $exit = max($exit, $this->assess($file, $several));
            } catch (SheetError $e) {
                $exit = self::INVALID;
                $this->refuse($file, $e->place, $e->reason, $several);
            } catch (\Throwable $e) {
                $exit = self::INVALID;
                $this->refuse($file, '', 'could not be assessed: '.$e->getMessage(), $several);
            }
        }

        return $exit;
    }

    /** @throws SheetError */
    private function assess(string $file, bool $several): int
    {
        $document = Document::ofJson(SheetFile::read($file));
        $sheet = JobSheet::of($document, Subjects::dictionary());
        $display = new Display($sheet->units);
        $assessment = Assessment::of($sheet);
        if ($this->option('json') === true) {
            $data = AssessmentJson::ofJob($sheet, $assessment, $display);
            foreach ($sheet->kits as $kit) {
                $data->kits[] = (object) [
                    'name' => $kit->word('kit.name'),
                    ...(array) AssessmentJson::of(Assessment::ofKit($sheet, $kit), $display),
                ];
            }
            $line = $several ? (object) ['file' => $file, ...(array) $data] : $data;
            $this->output->writeln(self::encode($line), 32);
        } else {
            $this->report($several ? [$file] : [], $assessment, $display);
        }

        return in_array($assessment->verdict(), [Verdict::Out, Verdict::Unmeasured], true) || $assessment->unmeasured() !== []
            ? self::FAILURE
            : self::SUCCESS;
    }

    /** @param  list<string>  $lines  what stands over it */
    private function report(array $lines, Assessment $assessment, Display $display): void
    {
        $lines[] = 'Verdict: '.$assessment->verdict()->label();
        foreach ($assessment->worstFirst() as $finding) {
            $lines[] = sprintf('  %-14s %-24s %s', $finding->verdict->label(), $finding->id, $finding->say($display));
        }
        $lines[] = 'Figures';
        foreach ($assessment->figures as $figure) {
            $value = match (true) {
                is_float($figure->value) => rtrim(rtrim(sprintf('%.4f', $figure->value), '0'), '.'),
                is_array($figure->value) => implode(' ', $figure->value),
                default => (string) $figure->value,
            };
            $lines[] = rtrim(sprintf('  %-28s %s %s', $figure->name, $value, $figure->unit));
        }
        if ($assessment->unmeasured() !== []) {
            $lines[] = 'Unmeasured: '.implode(', ', $assessment->unmeasured());
        }
        // Plain text: nothing in a sheet may act as markup of the terminal.
        $this->output->writeln($lines, 32);
    }

    private function refuse(string $file, string $place, string $reason, bool $several): void
    {
        $oneLine = (string) preg_replace('/\s+/u', ' ', mb_scrub($reason));
        if ($several && $this->option('json') === true) {
            $this->output->writeln(
                self::encode((object) ['file' => $file, 'error' => (object) ['place' => $place, 'message' => $oneLine]]),
                32,
            );

            return;
        }
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $errors->writeln(
            implode(
                ': ',
                array_filter(
                    [$file === '-' ? 'standard input' : $file, mb_scrub($place), $oneLine],
                    static fn (string $s): bool => $s !== '',
                ),
            ),
            32,
        );
    }

    private static function encode(\stdClass $data): string
    {
        return json_encode(
            $data,
            JSON_THROW_ON_ERROR |
                JSON_UNESCAPED_UNICODE |
                JSON_UNESCAPED_SLASHES |
                JSON_PRESERVE_ZERO_FRACTION |
                JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
