<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Quantity\Force;
use Spindle\Quantity\Torque;

/**
 * What a steel bolt of its size commonly takes; shown only where the maker's torque is missing, and never used instead of it. Soft castings
 * and thread lock change it.
 */
final class ReferenceTorque
{
    /** Of the proof load. Common practice, no source. */
    private const SHARE = 0.75;

    /** Friction of thread and head in one. Common practice, no source. */
    private const DRY = 0.2;

    private const OILED = 0.15;

    /** F = 0.75 · proof stress · stress area. Source: ISO 898-1. */
    public static function preload(Thread $thread, Grade $grade): Force
    {
        return Force::N(self::SHARE * $grade->proofStress($thread->diameter)->value / 1000 * $thread->stressArea()->value);
    }

    /** T = K · d · F. Source: short form of the torque equation, as in Budynas & Nisbett, ch. 8. */
    public static function of(Thread $thread, Grade $grade, bool $isOiled): Torque
    {
        $factor = $isOiled ? self::OILED : self::DRY;

        return Torque::of($factor * $thread->diameter->value / 1000 * self::preload($thread, $grade)->value);
    }
}
