<?php

declare(strict_types=1);

namespace Spindle\Triage;

use Spindle\Sheet\Section;
use Spindle\Sheet\Sections;
use Spindle\Sheet\SheetError;
use Spindle\Vehicle\VehicleClass;

/**
 * What a workshop's own signed jobs say beside the table: how often each cause was it, by class of vehicle, and how often each sign or test
 * was seen with it. The table counts as so many cases of its own, so that a few jobs move little and many outweigh it. Method: the mean of
 * a beta or Dirichlet distribution whose prior is the table, Bayes; the weight of the table is from memory [M].
 * {"weight": 30, "classes": {"car": {"pilot": 9}}, "causes": {"pilot": {"cases": 9, "seen": {"judder": [7, 9]}}}}
 */
final readonly class OwnCases
{
    public const NAME = 'own_cases';

    /** So many cases the table counts for, where the shop says nothing else. From memory [M]. */
    public const WEIGHT = 30.0;

    private const MOST = 1_000_000;

    /** Standard deviations of a count. From memory [M]. */
    private const BEYOND_CHANCE = 2.0;

    /**
     * @param  float  $weight  so many cases the table counts for
     * @param  array<string, array<string, int>>  $byClass  cases by class and cause; of an unknown class under an empty name
     * @param  array<string, array{cases: int, seen: array<string, array{int, int}>}>  $byCause  how often each evidence was seen, of how
     *     many cases of that cause in which anybody looked
     */
    private function __construct(public float $weight, private array $byClass, private array $byCause)
    {
    }

    public static function none(): self
    {
        return new self(self::WEIGHT, [], []);
    }

    /** @param  iterable<SolvedCase>  $cases */
    public static function of(iterable $cases, float $weight = self::WEIGHT): self
    {
        $byClass = $byCause = [];
        foreach ($cases as $case) {
            if (! isset(Causes::all()[$case->cause])) {
                continue;
            }
            $class = $case->class->value ?? '';
            $byClass[$class][$case->cause] = 1 + ($byClass[$class][$case->cause] ?? 0);
            $of = $byCause[$case->cause] ?? ['cases' => 0, 'seen' => []];
            $of['cases']++;
            // A sign that is not there is not written down; a test that was not made says nothing.
            foreach (array_keys(Signs::all()) as $sign) {
                [$yes, $all] = $of['seen'][$sign] ?? [0, 0];
                $of['seen'][$sign] = [$yes + (int) ($case->evidence->known[$sign] ?? false), $all + 1];
            }
            foreach ($case->evidence->tests() as $test => $isPositive) {
                [$yes, $all] = $of['seen'][$test] ?? [0, 0];
                $of['seen'][$test] = [$yes + (int) $isPositive, $all + 1];
            }
            $byCause[$case->cause] = $of;
        }

        return new self($weight, $byClass, $byCause);
    }

    public function isEmpty(): bool
    {
        return $this->byCause === [];
    }

    /** How many cases of a cause there are. */
    public function cases(string $cause): int
    {
        return $this->byCause[$cause]['cases'] ?? 0;
    }

    /** @return array{int, int} how often an evidence was seen with a cause, of how many cases */
    public function seen(string $cause, string $evidence): array
    {
        return $this->byCause[$cause]['seen'][$evidence] ?? [0, 0];
    }

    /**
     * How common each cause is on such a vehicle: the table's share as so many cases, and the own ones of its class.
     *
     * @param  array<string, float>  $weights  by cause, as the table has them for this vehicle; not normalised
     * @return array<string, float> adding up to one
     */
    public function shares(array $weights, ?VehicleClass $class): array
    {
        $own = array_intersect_key($class === null ? self::sum($this->byClass) : $this->byClass[$class->value] ?? [], $weights);
        $sum = array_sum($weights);
        $all = $this->weight + array_sum($own);
        $cases = array_sum($own);
        $shares = [];
        foreach ($weights as $cause => $weight) {
            $table = $weight / $sum;
            $seen = $own[$cause] ?? 0;
            $shares[$cause] = self::contradicts($seen, $cases, $table) ? ($this->weight * $table + $seen) / $all : $table;
        }
        $together = array_sum($shares);

        return array_map(static fn (float $share): float => $share / $together, $shares);
    }

    /** How likely one piece of evidence is with a cause: as the table says, and as it was seen here. */
    public function likelihood(Cause $cause, string $evidence, bool $positive): float
    {
        if ($this->byCause === []) {
            return Evidence::likelihood($cause, $evidence, $positive);
        }
        [$yes, $all] = $this->seen($cause->id, $evidence);
        $table = Evidence::likelihood($cause, $evidence, true);
        $likely = self::contradicts($yes, $all, $table) ? ($this->weight * $table + $yes) / ($this->weight + $all) : $table;

        return $positive ? $likely : 1 - $likely;
    }

    /** Whether what was seen is further from the table than chance alone would leave it: by so many standard deviations of a count. */
    private static function contradicts(int $seen, int $of, float $table): bool
    {
        return abs($seen - $of * $table) > self::BEYOND_CHANCE * sqrt($of * $table * (1 - $table)) + 0.5;
    }

    /**
     * As a sheet holds it: of what was seen, what is further from the table than chance; nothing where there are no cases.
     *
     * @param  bool  $all  of what was seen, all
     */
    public function section(bool $all = false): ?\stdClass
    {
        $causes = [];
        foreach ($this->byCause as $cause => $of) {
            $seen = [];
            foreach ($of['seen'] as $evidence => [$yes, $looked]) {
                $table = Evidence::likelihood(Causes::all()[$cause], $evidence, true);
                $seen += $looked > 0 && ($all || self::contradicts($yes, $looked, $table)) ? [$evidence => [$yes, $looked]] : [];
            }
            $causes[$cause] = (object) ['cases' => $of['cases'], 'seen' => (object) $seen];
        }

        return $this->isEmpty() ? null : (object) [
            'weight' => $this->weight, 'classes' => (object) array_map(static fn (array $of): object => (object) $of, $this->byClass),
            'causes' => (object) $causes,
        ];
    }

    /** @throws SheetError with the place */
    public static function read(mixed $given): self
    {
        $map = Sections::map($given, self::NAME);
        $weight = Sections::number($map['weight'] ?? self::WEIGHT, self::NAME.'.weight', 1, self::MOST);
        $byClass = $byCause = [];
        foreach (Sections::map($map['classes'] ?? (object) [], self::NAME.'.classes') as $class => $counts) {
            foreach (Sections::map($counts, self::NAME.".classes.{$class}") as $cause => $count) {
                $byClass[$class][$cause] = (int) Sections::number($count, self::NAME.".classes.{$class}.{$cause}", 0, self::MOST);
            }
        }
        foreach (Sections::map($map['causes'] ?? (object) [], self::NAME.'.causes') as $cause => $of) {
            $place = self::NAME.".causes.{$cause}";
            $of = Sections::map($of, $place);
            $seen = [];
            foreach (Sections::map($of['seen'] ?? (object) [], "{$place}.seen") as $evidence => $pair) {
                $pair = Sections::list($pair, "{$place}.seen.{$evidence}");
                [$yes, $all] = array_map(static fn (mixed $n): int => (int) Sections::number(
                    $n, "{$place}.seen.{$evidence}", 0, self::MOST,
                ), [$pair[0] ?? null, $pair[1] ?? null]);
                $seen[$evidence] = $yes <= $all ? [$yes, $all]
                    : throw SheetError::at("{$place}.seen.{$evidence}", 'it was seen no more often than looked for');
            }
            $byCause[$cause] = ['cases' => (int) Sections::number($of['cases'] ?? 0, "{$place}.cases", 0, self::MOST), 'seen' => $seen];
        }

        return new self($weight, $byClass, $byCause);
    }

    public static function asSection(): Section
    {
        $count = ['type' => 'number'];

        return new Section(self::read(...), ['type' => 'object', 'properties' => [
            'weight' => $count,
            'classes' => ['type' => 'object', 'additionalProperties' => ['type' => 'object', 'additionalProperties' => $count]],
            'causes' => ['type' => 'object', 'additionalProperties' => ['type' => 'object', 'properties' => [
                'cases' => $count,
                'seen' => ['type' => 'object', 'additionalProperties' => ['type' => 'array', 'items' => $count]],
            ]]],
        ]]);
    }

    /**
     * @param  array<string, array<string, int>>  $byClass
     * @return array<string, int>
     */
    private static function sum(array $byClass): array
    {
        $all = [];
        foreach ($byClass as $counts) {
            foreach ($counts as $cause => $count) {
                $all[$cause] = $count + ($all[$cause] ?? 0);
            }
        }

        return $all;
    }
}
