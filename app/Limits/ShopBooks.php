<?php

declare(strict_types=1);

namespace App\Limits;

use App\Models\LastRow;
use App\Models\ShopFigure;
use App\Models\ShopLimit;

/** What the workshop has put in place of the built-in figures, read once a request. Each change of it forgets what was read. */
final class ShopBooks
{
    /** @var array<string, ShopLimit>|null */
    private ?array $limits = null;

    /** @var array<string, array<string, ShopFigure>>|null */
    private ?array $figures = null;

    /** @var array<string, mixed> */
    private array $remembered = [];

    /**
     * What is worked out of the books once, as long as they stay what they are.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function remembered(string $name, callable $work): mixed
    {
        return $this->remembered[$name] ??= $work();
    }

    public static function now(): self
    {
        return app(self::class);
    }

    public static function forget(): void
    {
        app()->forgetInstance(self::class);
    }

    /** @return array<string, ShopLimit> those in force, by name and classes; the last row of each counts */
    public function limits(): array
    {
        $this->limits ??= array_filter(
            LastRow::ofEach(ShopLimit::query()->orderBy('id')->get(), static fn (ShopLimit $l): string => "{$l->name}|{$l->classes}"),
            static fn (ShopLimit $l): bool => ! $l->isWithdrawn(),
        );

        return $this->limits;
    }

    /** @return array<string, ShopFigure> those in force of a section, by name */
    public function figures(string $section): array
    {
        $this->figures ??= self::bySection();

        return $this->figures[$section] ?? [];
    }

    /** @return list<array<string, mixed>> all that is in force, as it stands in the store */
    public function rows(): array
    {
        $figures = $this->figures ??= self::bySection();

        return array_map(
            static fn (ShopLimit|ShopFigure $row): array => $row->getAttributes(),
            array_merge(array_values($this->limits()), ...array_map(array_values(...), array_values($figures))),
        );
    }

    /** @return array<string, array<string, ShopFigure>> */
    private static function bySection(): array
    {
        $rows = ShopFigure::query()->orderBy('id')->get();
        $figures = [];
        foreach (LastRow::ofEach($rows, static fn (ShopFigure $f): string => "{$f->section}|{$f->name}") as $figure) {
            if ($figure->value !== '') {
                $figures[$figure->section][$figure->name] = $figure;
            }
        }

        return $figures;
    }
}
