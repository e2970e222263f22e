<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\KitImport;
use App\Models\Supplier;
use App\Store\InTurn;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/**
 * Brings a supplier's list to the shelf in three steps, each whole or not at all: the file is laid beside the shelf, its rows are read a
 * piece at a time into a table of their own, and what was read is taken at once. Whatever ends in between, the shelf is as it was, and the
 * reading goes on where it was.
 */
final readonly class KitListImport
{
    /** Rows read in one transaction. */
    private const PIECE = 1000;

    /** So many rows are looked through for what a column holds. */
    private const LOOKED_AT = 50;

    /** Errors that are kept to be read; the rest is counted. */
    public const MOST_ERRORS = 1000;

    public function __construct(private KitImport $import)
    {
    }

    /**
     * @param  string  $path  where the file lies now
     *
     * @throws ShelfError when it is no list
     */
    public static function begin(Supplier $supplier, string $path, string $name, string $by): self
    {
        File::ensureDirectoryExists(self::folder());
        $text = self::folder().'/'.bin2hex(random_bytes(12)).'.csv';
        try {
            $form = CsvForm::of($text, CsvText::toUtf8($path, $text));
            $import = InTurn::do(static fn (): KitImport => KitImport::query()->create([
                'supplier_id' => $supplier->id, 'file_name' => mb_substr($name, 0, 200), 'state' => KitImport::MAPPING, 'by_name' => $by,
                'sha256' => (string) hash_file('sha256', $path), 'form' => $form->toArray(), 'size' => (int) filesize($text),
                'offset' => $form->firstOffset, 'line' => $form->firstLine, 'file' => basename($text),
            ]));
        } catch (\Throwable $e) {
            File::delete($text);

            throw $e;
        }
        $self = new self($import);
        $before = $self->remembered();
        // A list with the columns of the last one is read as that was.
        if ($before !== null && array_diff(array_keys($before->columns), $form->columns) === []
            && array_keys($self->proposed()->columns) === array_keys($before->columns)) {
            $self->map($before);
        }

        return $self;
    }

    public function proposed(): ColumnMap
    {
        return ColumnMap::proposed($this->form()->columns, $this->remembered());
    }

    private function remembered(): ?ColumnMap
    {
        try {
            return $this->import->supplier->map === null ? null : ColumnMap::of($this->import->supplier->map);
        } catch (ShelfError) {
            return null;
        }
    }

    public function form(): CsvForm
    {
        return CsvForm::ofArray($this->import->form);
    }

    /** @return array<int, string> by column, the first thing that stands in it */
    public function firstCells(): array
    {
        $first = [];
        $rows = 0;
        foreach (CsvRows::from(self::fileOf($this->import), $this->form()->separator, $this->import->offset, $this->import->line) as $row) {
            foreach ($row->cells as $i => $cell) {
                if (! isset($first[$i]) && trim($cell) !== '') {
                    $first[$i] = mb_strimwidth(trim($cell), 0, 40, '…');
                }
            }
            if (++$rows >= self::LOOKED_AT) {
                break;
            }
        }

        return $first;
    }

    public function import(): KitImport
    {
        return $this->import;
    }

    /** Says how the columns are read; what was read otherwise before is read again. */
    public function map(ColumnMap $map): void
    {
        $form = $this->form();
        InTurn::do(function () use ($map, $form): void {
            $this->forgetRows();
            $this->import->supplier->update(['map' => $map->toArray()]);
            $this->import->update([
                'state' => KitImport::READING, 'map' => $map->toArray(), 'offset' => $form->firstOffset, 'line' => $form->firstLine,
                'rows_read' => 0, 'rows_new' => 0, 'rows_changed' => 0, 'rows_same' => 0, 'rows_bad' => 0,
            ]);
        });
    }

    /** Reads on for about so long; says whether the end was reached. */
    public function read(float $seconds): bool
    {
        $until = microtime(true) + $seconds;
        $map = ColumnMap::of($this->import->map ?? []);
        $piece = new ListPiece($this->import, $this->form(), $map);
        while ($this->import->state === KitImport::READING && microtime(true) < $until) {
            $piece->readNext(self::fileOf($this->import), self::PIECE);
        }

        return $this->import->state !== KitImport::READING;
    }

    /**
     * Puts what was read on the shelf, all of it at once.
     *
     * @param  bool  $goodOnly  bad rows are left out because somebody said so
     *
     * @throws ShelfError when it is not read to its end, or has bad rows and nobody said so
     */
    public function take(bool $goodOnly): void
    {
        InTurn::do(function () use ($goodOnly): void {
            // Taken by somebody else in the meantime is taken once.
            $this->import->refresh();
            if ($this->import->state !== KitImport::READ) {
                throw ShelfError::notRead();
            }
            if ($this->import->rows_bad > 0 && ! $goodOnly) {
                throw ShelfError::badRows($this->import->rows_bad);
            }
            TakenRows::put($this->import);
            $this->forgetRows(errors: false);
            $this->import->update(['state' => KitImport::TAKEN]);
            ShelfStamp::change();
        });
        File::delete(self::fileOf($this->import));
    }

    public function drop(): void
    {
        InTurn::do(function (): void {
            if ($this->import->refresh()->isOpen()) {
                $this->import->update(['state' => KitImport::DROPPED]);
                $this->forgetRows();
            }
        });
        File::delete(self::fileOf($this->import));
    }

    private function forgetRows(bool $errors = true): void
    {
        DB::table('kit_import_rows')->where('kit_import_id', $this->import->id)->delete();
        if ($errors) {
            DB::table('kit_import_errors')->where('kit_import_id', $this->import->id)->delete();
        }
    }

    private static function folder(): string
    {
        return storage_path('app/private/lists');
    }

    private static function fileOf(KitImport $import): string
    {
        return self::folder().'/'.basename($import->file);
    }
}
