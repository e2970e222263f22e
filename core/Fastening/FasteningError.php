<?php

declare(strict_types=1);

namespace Spindle\Fastening;

/** What a tightening plan cannot be. */
final class FasteningError extends \DomainException
{
    public static function bolts(): self
    {
        return new self('a plan has from '.BoltLayout::FEWEST.' to '.BoltLayout::MOST.' bolts');
    }
}
