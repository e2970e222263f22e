<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use Spindle\Limit\Finding;
use Spindle\Limit\Limit;
use Spindle\Quantity\Entry;
use Spindle\Quantity\Quantity;
use Spindle\Sheet\Field;

/** The band a reading is wanted in, drawn as a rule with what was read on it. Pixels of a picture 320 wide. */
final readonly class WantedBand
{
    private const LEFT = 10.0;

    private const WIDTH = 300.0;

    /** The rule goes so much further than what stands on it. */
    private const ROOM = 0.35;

    /**
     * @param  float  $from  where the band begins
     * @param  list<float>  $marks  where the readings stand
     */
    private function __construct(
        public float $from,
        public float $to,
        public array $marks,
        public string $least,
        public string $most,
        public string $said,
    ) {
    }

    public function width(): float
    {
        return round($this->to - $this->from, 1);
    }

    /** What is wanted, short enough to stand on a drawing; empty where there is only something to watch. */
    public function short(): string
    {
        return match (true) {
            $this->least !== '' && $this->most !== '' => "{$this->least} to {$this->most}",
            $this->least !== '' => "at least {$this->least}",
            $this->most !== '' => "at most {$this->most}",
            default => '',
        };
    }

    /** Nothing where no limit is known for it. */
    public static function of(AssessedJob $page, Field $field): ?self
    {
        $limit = $field->dimension === null ? null : self::limit($page, $field);
        if ($limit === null) {
            return null;
        }
        $readings = array_map(static fn (Quantity $q): float => $q->value, self::readings($page, $field));
        [$least, $most] = [$limit->min->value ?? null, $limit->max->value ?? null];
        $known = [$least ?? 0.0, $most ?? $least ?? 0.0, ...$readings];
        [$low, $high] = [min($known), max($known)];
        $room = self::ROOM * ($high > $low ? $high - $low : max(1e-9, abs($high)));
        $low = $least === null ? max(0.0, $low) : $low - $room;
        $high = $most === null ? $high + 2 * $room : $high + $room;
        $x = static fn (float $value): float => round(self::LEFT + self::WIDTH * ($value - $low) / ($high - $low), 1);
        $write = static fn (?Quantity $bound): string => $bound === null ? '' : $limit->write($bound, $page->display);

        return new self(
            $x($least ?? $low), $x($most ?? $high), array_map($x, $readings), $write($limit->min), $write($limit->max),
            $limit->wording($page->display),
        );
    }

    private static function limit(AssessedJob $page, Field $field): ?Limit
    {
        foreach ($page->assessment->findings as $finding) {
            $limit = self::isAbout($finding, $field) ? $finding->limit : null;
            if ($limit !== null && ($limit->min ?? $limit->max)?->dimension() === $field->dimension) {
                return $limit;
            }
        }
        $limit = $page->sheet->limitBook()->find($field->key);

        return $limit !== null && ($limit->min ?? $limit->max)?->dimension() === $field->dimension ? $limit : null;
    }

    /** Whether it judges this reading itself, and nothing worked out from it. */
    private static function isAbout(Finding $finding, Field $field): bool
    {
        return $finding->id === $field->key || $finding->limit?->name === $field->key;
    }

    /** @return list<Quantity> */
    private static function readings(AssessedJob $page, Field $field): array
    {
        return array_map(static fn (Entry $entry): Quantity => $entry->quantity, $page->values()->entries($field->key));
    }
}
