<?php

declare(strict_types=1);

namespace App\Books;

use App\Drawings\ClampCurve;
use App\Drawings\KitDrawing;
use App\Jobs\ReaderLocale;
use App\Models\Kit;
use Spindle\Assessment\Subjects;
use Spindle\Quantity\Display;
use Spindle\Sheet\FieldValues;

/** A kit as its own page shows it, for no job. */
final readonly class KitOnShelf
{
    private function __construct(public Kit $kit, private FieldValues $values, public Display $display)
    {
    }

    public static function of(Kit $kit): self
    {
        return new self($kit, FieldValues::ofBase(Subjects::dictionary(), $kit->detail->facts ?? []), ReaderLocale::display());
    }

    public function drawing(): ?KitDrawing
    {
        return KitDrawing::of($this->values);
    }

    public function clampThroughLife(): ?ClampCurve
    {
        return ClampCurve::of($this->values);
    }

    public function price(): string
    {
        return $this->kit->price === null ? 'no price' : $this->display->number($this->kit->price, 2)." {$this->kit->currency}";
    }

    /** @return list<array{string, string}> what its supplier wrote: what of, and what */
    public function written(): array
    {
        $written = [];
        foreach ($this->kit->detail->data ?? [] as $name => $value) {
            $written[] = [
                Subjects::dictionary()->find("kit.{$name}")->label ?? (string) $name,
                is_array($value) ? implode(', ', $value) : (string) $value,
            ];
        }

        return $written;
    }
}
