<?php

declare(strict_types=1);

namespace App\Drawings;

/** One bar and what it stands for. */
final readonly class Bar
{
    public function __construct(public float $width, public string $said)
    {
    }
}
