<?php

declare(strict_types=1);

namespace App\Register;

/** The register gave no answer; nothing is known either way. */
final class RegisterUnavailable extends \RuntimeException
{
    public static function offline(): self
    {
        return new self('The register cannot be reached');
    }

    public static function slow(int $seconds): self
    {
        return new self("The register did not answer within {$seconds} seconds");
    }
}
