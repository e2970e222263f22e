<?php

declare(strict_types=1);

namespace App\Limits;

use App\Models\LastRow;
use App\Models\ShopFigure;
use App\Models\ShopLimit;
use App\Store\PlainText;
use Illuminate\Support\Facades\DB;

/** What the workshop has put in place of the built-in figures, read once a request. Each change of it forgets what was read. */
final class ShopBooks
{
    /** @var array{list<\stdClass>, list<\stdClass>}|null what is in force of limits and of figures, as it stands in the store */
    private ?array $inForce = null;

    /** @var array<string, ShopLimit>|null */
    private ?array $limits = null;

    /** @var array<string, array<string, ShopFigure>> by section, those asked for so far */
    private array $figures = [];

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
        if ($this->limits === null) {
            $this->limits = [];
            foreach (ShopLimit::query()->hydrate($this->inForce()[0]) as $limit) {
                $this->limits["{$limit->name}|{$limit->classes}"] = $limit;
            }
        }

        return $this->limits;
    }

    /** @return array<string, ShopFigure> those in force of a section, by name */
    public function figures(string $section): array
    {
        if (! isset($this->figures[$section])) {
            $this->figures[$section] = [];
            $rows = array_filter($this->inForce()[1], static fn (\stdClass $row): bool => $row->section === $section);
            foreach (ShopFigure::query()->hydrate(array_values($rows)) as $figure) {
                $this->figures[$section][$figure->name] = $figure;
            }
        }

        return $this->figures[$section];
    }

    /** One of them as it was written, empty where there is none: with every page, so no model is made of it. */
    public function value(string $section, string $name): string
    {
        foreach ($this->inForce()[1] as $row) {
            if ($row->section === $section && $row->name === $name) {
                return PlainText::mended($row->value);
            }
        }

        return '';
    }

    /** @return list<\stdClass> all that is in force, as it stands in the store; with every page of a job, so no model is made of it */
    public function rows(): array
    {
        return array_merge(...$this->inForce());
    }

    /** @return array{list<\stdClass>, list<\stdClass>} */
    private function inForce(): array
    {
        return $this->inForce ??= [
            self::last('shop_limits', static fn (\stdClass $l): string => "{$l->name}|{$l->classes}",
                static fn (\stdClass $l): bool => $l->least !== '' || $l->greatest !== ''),
            self::last('shop_figures', static fn (\stdClass $f): string => "{$f->section}|{$f->name}",
                static fn (\stdClass $f): bool => $f->value !== ''),
        ];
    }

    /**
     * @param  callable(\stdClass): string  $name
     * @param  callable(\stdClass): bool  $holds
     * @return list<\stdClass>
     */
    private static function last(string $table, callable $name, callable $holds): array
    {
        return array_values(array_filter(LastRow::ofEach(DB::table($table)->orderBy('id')->get(), $name), $holds));
    }
}
