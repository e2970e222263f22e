<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\KitImport;
use App\Models\Supplier;
use App\Shelf\ColumnMap;
use App\Shelf\KitListImport;
use App\Shelf\ShelfError;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;

/** Brings a supplier's list of kits to the shelf. Exit 0: taken, or a dry run without bad rows; 1: bad rows, nothing taken; 2: no list. */
final class ImportKits extends Command
{
    protected $signature = 'kits:import
        {file : the list, CSV}
        {--map= : how its columns are read, JSON: {"columns": {"Part no": {"field": "number"}}, "currency": "EUR"}}
        {--supplier= : whose list it is; the file\'s name when left out}
        {--dry-run : read it and say what it would do, and leave the shelf as it is}
        {--good-rows : take the good rows of a list that has bad ones}
        {--json : print the outcome as JSON}';

    protected $description = 'Import a list of clutch kits';

    public function handle(): int
    {
        $file = $this->argument('file');
        $file = is_string($file) ? $file : '';
        try {
            if (! is_file($file)) {
                throw ShelfError::unreadable();
            }
            $import = $this->begin($file);
            if ($import->import()->state === KitImport::MAPPING) {
                $import->map($this->map() ?? ColumnMap::of($import->proposed()->toArray()));
            }
            while (! $import->read(5.0)) {
                $this->option('json') === true || $this->output->write('.');
            }

            return $this->conclude($import);
        } catch (ShelfError|QueryException $e) {
            $said = $e instanceof ShelfError ? $e->getMessage() : ShelfError::noShelf()->getMessage();
            $this->say(['error' => $said], "{$file}: {$said}.");

            return self::INVALID;
        }
    }

    private function begin(string $file): KitListImport
    {
        $name = $this->option('supplier');
        $supplier = Supplier::named(is_string($name) && $name !== '' ? $name : pathinfo($file, PATHINFO_FILENAME));
        $map = $this->map();
        if ($map !== null) {
            $supplier->update(['map' => $map->toArray()]);
        }

        return KitListImport::begin($supplier, $file, basename($file), 'the command line');
    }

    private function map(): ?ColumnMap
    {
        $path = $this->option('map');
        if (! is_string($path) || $path === '') {
            return null;
        }
        $map = is_file($path) ? json_decode((string) file_get_contents($path), true) : null;

        return is_array($map) ? ColumnMap::of($map) : throw ShelfError::noMap();
    }

    private function conclude(KitListImport $list): int
    {
        $import = $list->import();
        $isDry = $this->option('dry-run') === true;
        $goodOnly = $this->option('good-rows') === true;
        $takes = ! $isDry && ($import->rows_bad === 0 || $goodOnly);
        $errors = $import->errors()->orderBy('id')->get(['line', 'column', 'read', 'expected'])->toArray();
        if ($takes) {
            $list->take($goodOnly);
        } else {
            $list->drop();
        }
        $counts = ['read' => $import->rows_read, 'new' => $import->rows_new, 'changed' => $import->rows_changed,
            'same' => $import->rows_same, 'bad' => $import->rows_bad];
        $lines = [
            sprintf('%s (%s)', $import->file_name, $list->form()->inWords()),
            sprintf('%d rows: %d new, %d changed, %d as they are, %d that cannot be read.', ...array_values($counts)),
        ];
        foreach ($errors as $e) {
            $lines[] = "  line {$e['line']}, column “{$e['column']}”: read “{$e['read']}”, expected {$e['expected']}";
        }
        $lines[] = match (true) {
            $takes => 'Taken.',
            $isDry => 'A dry run: the shelf is as it was.',
            default => 'Nothing was taken. Mend the rows, or take the good ones with --good-rows.',
        };
        $this->say(['file' => $import->file_name, ...$counts, 'taken' => $takes, 'errors' => $errors], ...$lines);

        return $import->rows_bad > 0 && ! $takes ? self::FAILURE : self::SUCCESS;
    }

    /** @param  array<string, mixed>  $json */
    private function say(array $json, string ...$lines): void
    {
        if ($this->option('json') === true) {
            $this->output->writeln(json_encode($json, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 32);
        } else {
            $this->output->writeln(array_values($lines), 32);
        }
    }
}
