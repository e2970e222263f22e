<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\KitImport;
use App\Store\InTurn;
use Illuminate\Support\Facades\DB;

/** Reads a list a piece at a time and lays each row beside the kit it would become. */
final readonly class ListPiece
{
    private const NEW = 'new';

    private const CHANGED = 'changed';

    private const SAME = 'same';

    private RowReader $reader;

    public function __construct(private KitImport $import, private CsvForm $form, private ColumnMap $map)
    {
        $this->reader = new RowReader($form, $map);
    }

    public function readNext(string $file, int $most): void
    {
        $rows = [];
        [$after, $line] = [null, $this->import->line];
        foreach (CsvRows::from($file, $this->form->separator, $this->import->offset, $this->import->line) as $row) {
            $rows[] = $this->reader->read($row);
            [$after, $line] = [$row->after, $row->nextLine];
            if (count($rows) >= $most) {
                break;
            }
        }
        $isEnd = count($rows) < $most;
        InTurn::do(function () use ($rows, $after, $line, $isEnd): void {
            // Two pages that read the same list read each piece once.
            $from = $this->import->offset;
            $this->import->refresh();
            if ($this->import->offset !== $from || $this->import->state !== KitImport::READING) {
                return;
            }
            $counts = $this->keep($rows);
            $this->import->update([
                'offset' => $isEnd ? $this->import->size : $after ?? $this->import->size,
                'line' => $line,
                'state' => $isEnd ? KitImport::READ : KitImport::READING,
                'rows_read' => $this->import->rows_read + count($rows),
                'rows_new' => $this->import->rows_new + $counts[self::NEW],
                'rows_changed' => $this->import->rows_changed + $counts[self::CHANGED],
                'rows_same' => $this->import->rows_same + $counts[self::SAME],
                'rows_bad' => $this->import->rows_bad + $counts['bad'],
            ]);
        });
    }

    /**
     * @param  list<RowReading>  $rows
     * @return array<string, int> by outcome; those of rows that cannot be read as bad
     */
    private function keep(array $rows): array
    {
        $counts = [self::NEW => 0, self::CHANGED => 0, self::SAME => 0, 'bad' => 0];
        $numbers = array_values(array_filter(array_map(static fn (RowReading $r): string => $r->number(), $rows)));
        $shelf = $this->onShelf($numbers);
        $before = DB::table('kit_import_rows')->where('kit_import_id', $this->import->id)->whereIn('number', $numbers)
            ->pluck('line', 'number')->all();
        $kept = $errors = [];
        foreach ($rows as $row) {
            $number = $row->number();
            $wrong = $row->errors;
            if ($wrong === [] && isset($before[$number])) {
                $wrong = [$this->wrong($row, $number, "a number of its own; line {$before[$number]} has it already")];
            }
            $old = $shelf[$number] ?? null;
            if ($wrong === [] && $old === null && $this->map->isOnlyPrices()) {
                $wrong = [$this->wrong($row, $number, 'a kit that is on the shelf already; a list of prices brings no new ones')];
            }
            if ($wrong !== []) {
                $counts['bad']++;
                array_push($errors, ...$wrong);

                continue;
            }
            $before[$number] = $row->line;
            $laid = $this->laid($row, $old);
            $counts[is_string($laid['outcome']) ? $laid['outcome'] : self::NEW]++;
            if ($laid['outcome'] !== self::SAME) {
                $kept[] = $laid;
            } else {
                // Its number is remembered, so that a second row of it is seen.
                $kept[] = [...$laid, 'data' => '{}', 'facts' => '{}', 'extra' => null];
            }
        }
        $this->store($kept);
        $this->report($errors);

        return $counts;
    }

    /**
     * One statement, prepared once: building a long one for each piece took as long as reading it.
     *
     * @param  list<array<string, mixed>>  $rows  all with the same columns
     */
    private function store(array $rows): void
    {
        if ($rows === []) {
            return;
        }
        $columns = array_keys($rows[0]);
        $statement = DB::connection()->getPdo()->prepare(sprintf(
            'insert into kit_import_rows (%s) values (%s)', implode(', ', $columns), implode(', ', array_fill(0, count($columns), '?')),
        ));
        foreach ($rows as $row) {
            $statement->execute(array_map(static fn (mixed $v): mixed => is_bool($v) ? (int) $v : $v, array_values($row)));
        }
    }

    private function wrong(RowReading $row, string $number, string $expected): RowError
    {
        foreach ($this->map->columns as $column => $how) {
            if ($how['field'] === 'number') {
                return new RowError($row->line, $column, $number, $expected);
            }
        }

        return new RowError($row->line, '', $number, $expected);
    }

    /**
     * A row as the kit it would become: what the list speaks of is as the list says, the rest stays as it is on the shelf.
     *
     * @param  object{data: string, facts: string, extra: string|null, content_hash: string, corrected: string|null}|null  $old
     * @return array<string, mixed>
     */
    private function laid(RowReading $row, ?object $old): array
    {
        [$data, $facts, $extra] = [$row->data, $row->facts, $row->extra];
        if ($old !== null) {
            $spoken = array_flip($this->map->fields());
            $keys = array_flip(array_map(static fn (string $field): string => "kit.{$field}", array_keys($spoken)));
            $data = [...array_diff_key(self::decoded($old->data), $spoken), ...$data];
            $facts = [...array_diff_key(self::decoded($old->facts), $keys), ...$facts];
            $extra = [...self::decoded($old->extra ?? '{}'), ...$extra];
            /** @var array<string, list<string>> $corrected */
            $corrected = self::decoded($old->corrected ?? '{}');
            [$data, $facts] = Correction::onto($corrected, $data, $facts);
        }
        ksort($data);
        [$written, $beside] = [self::encoded($data), $extra === [] ? null : self::besides($extra)];
        $hash = self::hash($data, $extra);

        return [
            'kit_import_id' => $this->import->id,
            'line' => $row->line,
            'outcome' => match (true) {
                $old === null => self::NEW,
                $old->content_hash === $hash => self::SAME,
                default => self::CHANGED,
            },
            ...KitColumns::of($facts),
            'data' => $written,
            'facts' => self::encoded($facts),
            'extra' => $beside,
            'content_hash' => $hash,
        ];
    }

    /**
     * @param  list<string>  $numbers
     * @return array<string, object{data: string, facts: string, extra: string|null, content_hash: string, corrected: string|null}>
     */
    private function onShelf(array $numbers): array
    {
        /** @var array<string, object{data: string, facts: string, extra: string|null, content_hash: string, corrected: string|null}> */
        return DB::table('kits')
            ->join('kit_details', 'kit_details.kit_id', '=', 'kits.id')
            ->where('supplier_id', $this->import->supplier_id)
            ->whereIn('number', $numbers)
            ->get(['number', 'data', 'facts', 'extra', 'content_hash', 'corrected'])
            ->keyBy('number')
            ->all();
    }

    /** @param  list<RowError>  $errors */
    private function report(array $errors): void
    {
        $room = KitListImport::MOST_ERRORS - DB::table('kit_import_errors')->where('kit_import_id', $this->import->id)->count();
        DB::table('kit_import_errors')->insert(array_map(fn (RowError $e): array => [
            'kit_import_id' => $this->import->id, 'line' => $e->line, 'column' => $e->column, 'read' => $e->read,
            'expected' => $e->expected,
        ], array_slice($errors, 0, max(0, $room))));
    }

    /**
     * By which a kit that a list brings again is known to be the same.
     *
     * @param  array<string, mixed>  $data  in the order of their names
     * @param  array<string, mixed>  $extra
     */
    public static function hash(array $data, array $extra): string
    {
        return sha1(self::encoded($data).($extra === [] ? '' : self::besides($extra)));
    }

    /** @param  array<string, mixed>  $extra */
    private static function besides(array $extra): string
    {
        ksort($extra);

        return self::encoded($extra);
    }

    /** @param  array<string, mixed>  $values */
    private static function encoded(array $values): string
    {
        return $values === [] ? '{}' : json_encode($values, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    /** @return array<string, mixed> */
    private static function decoded(string $json): array
    {
        /** @var array<string, mixed> */
        return (array) json_decode($json, true, 16, JSON_THROW_ON_ERROR);
    }
}
