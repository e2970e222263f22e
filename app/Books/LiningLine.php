<?php

declare(strict_types=1);

namespace App\Books;

use App\Jobs\ReaderLocale;
use Spindle\Capacity\Material;
use Spindle\Limit\Provenance;
use Spindle\Quantity\UnitSystem;

/** What a lining bears, as the limits book shows it. */
final readonly class LiningLine
{
    private function __construct(
        public string $name,
        public string $friction,
        public string $pressure,
        public string $pressureInInches,
        public string $heat,
        public Provenance $provenance,
    ) {
    }

    public static function of(Material $material): self
    {
        $n = ReaderLocale::display();

        return new self(
            $material->label(), $n->number($material->mu()->value, 2).', '.$n->number($material->muHot()->value, 2),
            $n->quantity($material->pressureLimit(), 1.0),
            ReaderLocale::display(UnitSystem::Inch)->quantity($material->pressureLimit(), 1.0),
            $n->number($material->comfortableHeat()->value, 0).', '.$n->quantity($material->heatLimit(), 1.0), Provenance::FromMemory,
        );
    }
}
