<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Reading;

/** Of all that was ever entered on a job, what counts now. */
final class CurrentReadings
{
    /** @var array<string, array<int, Reading>> */
    private array $latest = [];

    /** @var array<string, array<int, int>> */
    private array $again = [];

    /** @var array<string, array<int, int>> */
    private array $made = [];

    /** @var array<string, array<int, Reading|null>> what stood there before the latest */
    private array $before = [];

    /** @var array<string, non-empty-array<int, Reading>> what holds something, places in order */
    private array $filled = [];

    /** @param  iterable<Reading>  $readings  in the order they were entered */
    public function __construct(iterable $readings)
    {
        foreach ($readings as $reading) {
            // Of every row ever entered: taken as they are stored.
            ['kind' => $kind, 'field' => $field, 'position' => $position, 'seq' => $seq] = $reading->getAttributes();
            if ($kind !== Reading::AGAIN) {
                $this->made[$field][$position] = 1 + ($this->made[$field][$position] ?? 0);
            }
            match ($kind) {
                Reading::ENTRY => [$this->before[$field][$position], $this->latest[$field][$position]]
                    = [$this->latest[$field][$position] ?? null, $reading],
                Reading::AGAIN => $this->again[$field][$position] = $seq,
                default => null,
            };
        }
        foreach ($this->latest as $field => $rows) {
            $filled = array_filter($rows, static fn (Reading $r): bool => $r->typed !== '');
            if ($filled !== []) {
                ksort($filled);
                $this->filled[$field] = $filled;
            }
        }
    }

    /** How many entries were ever made in a field and place. */
    public function made(string $field, int $position): int
    {
        return $this->made[$field][$position] ?? 0;
    }

    /** The row that counts for a field and place, even when it took the entry out. */
    public function row(string $field, int $position = 0): ?Reading
    {
        return $this->latest[$field][$position] ?? null;
    }

    /** What stood in a field and place before what counts now; nothing where nothing did. */
    public function before(string $field, int $position = 0): ?Reading
    {
        return $this->before[$field][$position] ?? null;
    }

    /** What is typed there now; empty when nothing is. */
    public function typed(string $field, int $position = 0): string
    {
        return $this->row($field, $position)->typed ?? '';
    }

    /**
     * The places of a field that hold something.
     *
     * @return array<int, Reading>
     */
    public function filled(string $field): array
    {
        return $this->filled[$field] ?? [];
    }

    /** @return list<string> fields of which everything was taken out again */
    public function emptied(): array
    {
        return array_keys(array_diff_key($this->latest, $this->filled));
    }

    /** @return list<string> */
    public function fields(): array
    {
        return array_keys($this->filled);
    }

    public function isToBeMeasuredAgain(string $field, int $position = 0): bool
    {
        $row = $this->row($field, $position);

        return $row !== null && $row->typed !== '' && ($this->again[$field][$position] ?? 0) > $row->seq;
    }

    /** @return list<array{string, int}> field and place of each reading somebody doubts */
    public function doubted(): array
    {
        $doubted = [];
        foreach ($this->again as $field => $positions) {
            foreach (array_keys($positions) as $position) {
                if ($this->isToBeMeasuredAgain($field, $position)) {
                    $doubted[] = [$field, $position];
                }
            }
        }

        return $doubted;
    }
}
