<?php

declare(strict_types=1);

namespace Spindle\Planning;

/** A plan that cannot be made. */
final class PlanningError extends \DomainException
{
    public static function notInOrder(float $shortest, float $likeliest, float $longest): self
    {
        return new self("the shortest, likeliest and longest hours do not follow each other: {$shortest}, {$likeliest}, {$longest}");
    }

    public static function circle(string $task): self
    {
        return new self("“{$task}” waits for itself");
    }

    public static function unknown(string $task): self
    {
        return new self("there is no task “{$task}”");
    }

    public static function neverOpen(): self
    {
        return new self('the shop is closed for more than a year on end: no hour of work can be found');
    }
}
