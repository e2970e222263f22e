<?php

declare(strict_types=1);

namespace App\Limits;

use App\Models\ShopFigure;
use App\Models\ShopLimit;

/** What the workshop has put in place of the built-in figures, read once a request. Each change of it forgets what was read. */
final class ShopBooks
{
    /** @var array<string, ShopLimit>|null */
    private ?array $limits = null;

    /** @var array<string, array<string, ShopFigure>>|null */
    private ?array $figures = null;

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
        if ($this->limits === null) {
            $last = [];
            /** @var ShopLimit $limit */
            foreach (ShopLimit::query()->orderBy('id')->get() as $limit) {
                $last["{$limit->name}|{$limit->classes}"] = $limit;
            }
            $this->limits = array_filter($last, static fn (ShopLimit $l): bool => ! $l->isWithdrawn());
        }

        return $this->limits;
    }

    /** @return array<string, ShopFigure> those in force of a section, by name */
    public function figures(string $section): array
    {
        if ($this->figures === null) {
            $last = [];
            /** @var ShopFigure $figure */
            foreach (ShopFigure::query()->orderBy('id')->get() as $figure) {
                $last[$figure->section][$figure->name] = $figure;
            }
            $this->figures = array_map(
                static fn (array $rows): array => array_filter($rows, static fn (ShopFigure $f): bool => $f->value !== ''),
                $last,
            );
        }

        return $this->figures[$section] ?? [];
    }
}
