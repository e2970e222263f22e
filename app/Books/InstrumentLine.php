<?php

declare(strict_types=1);

namespace App\Books;

use App\Jobs\ReaderLocale;
use App\Models\ShopFigure;
use App\Page\InstrumentMemory;
use Spindle\Limit\Instrument;
use Spindle\Limit\Provenance;
use Spindle\Quantity\Length;
use Spindle\Quantity\UnitSystem;

/** An instrument with what its readings can be trusted to: built in, and the shop's own. */
final readonly class InstrumentLine
{
    private function __construct(
        public Instrument $kind,
        public string $label,
        public string $builtIn,
        public string $founded,
        public ?ShopFigure $shop,
    ) {
    }

    public static function of(Instrument $instrument, ?ShopFigure $shop): self
    {
        $built = $instrument->uncertainty();

        return new self(
            $instrument, $instrument->label(), $built instanceof Length
                ? implode(', ', array_map(static fn (UnitSystem $units): string => ReaderLocale::display($units)->quantity(
                    $built, InstrumentMemory::step($built, $units),
                ), UnitSystem::cases()))
                : ReaderLocale::display()->percent($built->value).' of the reading', Provenance::FromMemory->meaning(), $shop,
        );
    }
}
