<?php

declare(strict_types=1);

namespace Spindle\Capacity;

use Spindle\Demand\Duty;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;

/**
 * What the shop's own jobs say of how linings wear, by material and duty: {"organic": {"town": {"jobs": 7, "k": 8.2, "spread": 0.4}}}.
 * k in mm³ for each MJ, as their geometric mean; spread as the standard deviation of its natural logarithm.
 *
 * The built-in figure counts as five jobs with a spread of its own, and each job of the shop as one: a mean weighted by counts, and the
 * variance of all of them about it. Source: combining means and variances of two samples, as in any textbook of statistics.
 */
final readonly class ShopWear
{
    public const NAME = 'wear';

    /** So many jobs the built-in figure stands for. From memory [M]. */
    public const DEFAULT_COUNTS = 5;

    /** What is known from memory may be half or twice as much in eight of ten cases: the spread of its logarithm. From memory [M]. */
    private const DEFAULT_SPREAD = M_LN2 / self::EIGHT_OF_TEN;

    /** Between so many standard deviations lie eight of ten. Source: normal distribution, 90th percentile. */
    private const EIGHT_OF_TEN = 1.2815515655446;

    private const MOST_JOBS = 1_000_000.0;

    /** @param  array<string, array<string, array{int, float, float}>>  $seen  jobs, k and spread by material and duty */
    private function __construct(private array $seen)
    {
    }

    public static function of(JobSheet $sheet): self
    {
        $wear = $sheet->section(self::NAME);

        return $wear instanceof self ? $wear : new self([]);
    }

    /**
     * @param  list<array{Material, Duty, float}>  $jobs  each with its k, in mm³ for each MJ
     * @return array<string, array<string, array{jobs: int, k: float, spread: float}>> as a sheet holds it
     */
    public static function sum(array $jobs): array
    {
        $by = [];
        foreach ($jobs as [$material, $duty, $k]) {
            $by[$material->value][$duty->value][] = log($k);
        }

        return array_map(static fn (array $duties): array => array_map(static function (array $logs): array {
            $mean = array_sum($logs) / count($logs);
            $variance = array_sum(array_map(static fn (float $l): float => ($l - $mean) ** 2, $logs)) / count($logs);

            return ['jobs' => count($logs), 'k' => round(exp($mean), 4), 'spread' => round(sqrt($variance), 4)];
        }, $duties), $by);
    }

    /** How many jobs of the shop speak of this lining in this duty. */
    public function jobs(Material $material, Duty $duty): int
    {
        return $this->seen[$material->value][$duty->value][0] ?? 0;
    }

    /**
     * @param  float  $builtIn  k from memory, in mm³ for each MJ
     * @return array{float, float, float} k, and between what it lies in eight of ten cases
     */
    public function wear(Material $material, Duty $duty, float $builtIn): array
    {
        [$jobs, $k, $spread] = $this->seen[$material->value][$duty->value] ?? [0, $builtIn, 0.0];
        $all = self::DEFAULT_COUNTS + $jobs;
        $mean = (self::DEFAULT_COUNTS * log($builtIn) + $jobs * log($k)) / $all;
        $variance = (self::DEFAULT_COUNTS * (self::DEFAULT_SPREAD ** 2 + (log($builtIn) - $mean) ** 2)
            + $jobs * ($spread ** 2 + (log($k) - $mean) ** 2)) / $all;
        $reach = self::EIGHT_OF_TEN * sqrt($variance);

        return [exp($mean), exp($mean - $reach), exp($mean + $reach)];
    }

    /** @throws SheetError with the place */
    public static function read(mixed $given): self
    {
        $seen = [];
        foreach (Sections::map($given, self::NAME) as $material => $duties) {
            if (Material::tryFrom($material) === null) {
                throw SheetError::at(self::NAME.".{$material}", 'there is no such lining');
            }
            foreach (Sections::map($duties, self::NAME.".{$material}") as $duty => $figures) {
                $place = self::NAME.".{$material}.{$duty}";
                if (Duty::tryFrom($duty) === null) {
                    throw SheetError::at($place, 'there is no such duty');
                }
                $figures = Sections::map($figures, $place);
                $seen[$material][$duty] = [
                    (int) Sections::number($figures['jobs'] ?? null, "{$place}.jobs", 1.0, self::MOST_JOBS),
                    Sections::number($figures['k'] ?? null, "{$place}.k", 0.001, 10_000.0),
                    Sections::number($figures['spread'] ?? 0.0, "{$place}.spread", 0.0, 10.0),
                ];
            }
        }

        return new self($seen);
    }

    public static function section(): Section
    {
        $figure = static fn (float $least, float $most): array => ['type' => 'number', 'minimum' => $least, 'maximum' => $most];

        return new Section(self::read(...), ['type' => 'object', 'properties' => array_fill_keys(
            array_column(Material::cases(), 'value'),
            ['type' => 'object', 'properties' => array_fill_keys(array_column(Duty::cases(), 'value'), [
                'type' => 'object', 'required' => ['jobs', 'k'], 'properties' => [
                    'jobs' => $figure(1.0, self::MOST_JOBS), 'k' => $figure(0.001, 10_000.0), 'spread' => $figure(0.0, 10.0),
                ],
            ])],
        )]);
    }
}
