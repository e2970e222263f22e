<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Limit;
use Spindle\Limit\Verdict;
use Spindle\Quantity\Quantity;

/**
 * A computed figure with how far it can be trusted. Each reading it is made from is moved by its own uncertainty, one after the
 * other, both ways; half of what the figure moves by counts, and the halves add as squares; of a greatest or a least of like readings one
 * counts. Readings are taken as independent.
 *
 * Source: JCGM 100:2008 (GUM), 5.1.2 and 5.1.3, numerical derivatives.
 *
 * @template-covariant T of Quantity
 */
final readonly class Estimate
{
    /** A figure that moves one way by less than this share of the other turns at the reading; a smooth one is nearly alike both ways. */
    private const TURNS = 0.6;

    /**
     * @param  T  $value
     * @param  T|null  $uncertainty  nothing where no reading in it has one
     * @param  string  $decidedBy  the reading that contributes most
     */
    private function __construct(
        public Quantity $value,
        public ?Quantity $uncertainty,
        public string $decidedBy,
        private Dictionary $dictionary,
    ) {
    }

    /**
     * @template F of Quantity
     *
     * @param  callable(JobSheet): (F|null)  $figure  works the figure out from a sheet
     * @param  string  ...$readings  what it is made from
     * @return self<F>|null nothing where the figure cannot be worked out
     */
    public static function of(JobSheet $sheet, callable $figure, string ...$readings): ?self
    {
        return self::several($sheet, static fn (JobSheet $moved): array => ['' => $figure($moved)], ...$readings)[''] ?? null;
    }

    /**
     * Several figures made of the same readings, worked out together.
     *
     * @template F of Quantity
     *
     * @param  callable(JobSheet): array<string, F|null>  $figures  by name
     * @return array<string, self<F>> those that can be worked out
     */
    public static function several(JobSheet $sheet, callable $figures, string ...$readings): array
    {
        $values = array_filter($figures($sheet), static fn (?Quantity $value): bool => $value !== null);
        $squares = $most = array_fill_keys(array_keys($values), 0.0);
        $decidedBy = array_fill_keys(array_keys($values), '');
        foreach ($values === [] ? [] : $readings as $key) {
            $turning = [];
            foreach ($sheet->values->entries($key) as $place => $entry) {
                $by = $sheet->uncertaintyOf($key, $entry->quantity)->value ?? 0.0;
                if ($by <= 0.0) {
                    continue;
                }
                [$up, $down] = [self::at($sheet, $figures, $key, $place, $by), self::at($sheet, $figures, $key, $place, -$by)];
                foreach ($values as $name => $value) {
                    [$moved, $way] = self::moves($value, $up[$name] ?? null, $down[$name] ?? null);
                    // Of several like readings a greatest or a least still rests on one: they count once, not each a little.
                    $counted = $turning[$name][$way] ?? 0.0;
                    $squares[$name] += $way === '' ? $moved ** 2 : max(0.0, $moved ** 2 - $counted ** 2);
                    $turning[$name][$way] = max($counted, $moved);
                    if ($moved > $most[$name]) {
                        [$most[$name], $decidedBy[$name]] = [$moved, $key];
                    }
                }
            }
        }
        $estimates = [];
        foreach ($values as $name => $value) {
            $estimates[$name] = new self(
                $value,
                $squares[$name] > 0.0 ? $value::of(sqrt($squares[$name])) : null,
                $decidedBy[$name],
                $sheet->dictionary,
            );
        }

        return $estimates;
    }

    /**
     * Half of what the figure moves by; where it can be worked out on one side only, or turns at this reading as a greatest or a least
     * does among like ones, the whole of that.
     *
     * @return array{float, string} how far, and which way of the reading moves it where it turns there
     */
    private static function moves(Quantity $value, ?Quantity $up, ?Quantity $down): array
    {
        if ($up === null || $down === null) {
            return [abs(($up ?? $down ?? $value)->value - $value->value), ''];
        }
        [$above, $below] = [abs($up->value - $value->value), abs($down->value - $value->value)];

        return match (true) {
            min($above, $below) >= self::TURNS * max($above, $below) => [abs($up->value - $down->value) / 2, ''],
            $above > $below => [$above, 'up'],
            default => [$below, 'down'],
        };
    }

    /**
     * @template F of Quantity
     *
     * @param  callable(JobSheet): array<string, F|null>  $figures
     * @return array<string, F|null>
     */
    private static function at(JobSheet $sheet, callable $figures, string $key, int $place, float $by): array
    {
        try {
            return $figures($sheet->moved($key, $place, $by));
        } catch (\DomainException|\ArithmeticError) {
            return [];
        }
    }

    public function against(Limit $limit): Verdict
    {
        return $limit->judge($this->value, $this->uncertainty);
    }

    /** Whether only the uncertainty keeps the verdict from being plain. */
    public function isDoubtful(Limit $limit): bool
    {
        return $this->against($limit) === Verdict::Near && $limit->judge($this->value) !== Verdict::Near;
    }

    /** What keeps the verdict from being plain; nothing where it is plain. */
    public function doubt(Limit $limit): ?Doubt
    {
        return ! $this->isDoubtful($limit) || $this->uncertainty === null
            ? null : new Doubt($this->uncertainty, $this->dictionary->get($this->decidedBy)->spoken());
    }
}
