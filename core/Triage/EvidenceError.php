<?php

declare(strict_types=1);

namespace Spindle\Triage;

/** What the table of causes cannot take. */
final class EvidenceError extends \DomainException
{
    public static function unknownEvidence(string $evidence): self
    {
        return new self("no sign or test is called {$evidence}");
    }

    public static function priorOutOfRange(): self
    {
        return new self('how common a cause is lies between 0.1 and 100');
    }

    public static function unknownCause(string $cause): self
    {
        return new self("no cause is called {$cause}");
    }
}
