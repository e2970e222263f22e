<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Store\Holding;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Spindle\Capacity\Material;

/** What a person looks for on the shelf; it stands in the address. */
final readonly class ShelfFilter
{
    private function __construct(
        public string $words,
        public ?Material $material,
        public ?int $supplier,
        public ?float $mostPrice,
        public ?int $mostDays,
    ) {
    }

    /** @return list<Material> what a lining can be of */
    public function materials(): array
    {
        return Material::cases();
    }

    public static function none(): self
    {
        return new self('', null, null, null, null);
    }

    /** What is there within so many days. */
    public static function within(int $days): self
    {
        return new self('', null, null, null, $days);
    }

    public static function of(Request $request): self
    {
        $text = static fn (string $name): string => mb_substr(trim($request->string($name)->toString()), 0, 100);
        $number = static fn (string $name): ?float => is_numeric(str_replace(',', '.', $text($name)))
            ? (float) str_replace(',', '.', $text($name)) : null;
        [$supplier, $days] = [$number('supplier'), $number('days')];

        return new self(
            mb_strtolower($text('q')), Material::tryFrom($text('material')), $supplier === null ? null : (int) $supplier, $number('price'),
            $days === null ? null : (int) $days,
        );
    }

    public function isNone(): bool
    {
        return $this->key() === self::none()->key();
    }

    public function key(): string
    {
        return implode('|', [$this->words, $this->material->value ?? '', $this->supplier, $this->mostPrice, $this->mostDays]);
    }

    public function kits(): Builder
    {
        $kits = DB::table('kits');
        foreach ($this->words === '' ? [] : explode(' ', (string) preg_replace('/\s+/u', ' ', $this->words)) as $word) {
            Holding::word($kits, 'search_text', $word);
        }
        if ($this->material !== null) {
            $kits->where('material', $this->material->value);
        }
        if ($this->supplier !== null) {
            $kits->where('supplier_id', $this->supplier);
        }
        if ($this->mostPrice !== null) {
            $kits->where('price', '<=', $this->mostPrice);
        }
        if ($this->mostDays !== null) {
            $kits->where('lead_days', '<=', $this->mostDays);
        }

        return $kits;
    }
}
