<?php

declare(strict_types=1);

namespace App\Drawings;

/** One cause as a bar, with the reasons for and against it. */
final readonly class CauseBar
{
    public function __construct(
        public string $id,
        public string $label,
        public float $width,
        public string $said,
        public string $for,
        public string $against,
        public string $settles,
    ) {
    }
}
