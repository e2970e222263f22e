<?php

declare(strict_types=1);

namespace App\Drawings;

/** How likely a cause is now, and would be after either result of a test. */
final readonly class ForeseenBar
{
    public function __construct(public string $label, public Bar $now, public Bar $yes, public Bar $no)
    {
    }
}
