<?php

declare(strict_types=1);

namespace Spindle\Inspection\WhileOpen;

use Spindle\Quantity\Ratio;

/** How a part that still works looks, and how likely it is to fail before the next clutch. Chances from memory [M]. */
enum Soundness: string
{
    case Marginal = 'marginal';
    case OldButSound = 'old';
    case Sound = 'sound';

    public function label(): string
    {
        return match ($this) {
            self::Marginal => 'Marginal',
            self::OldButSound => 'Old but sound',
            self::Sound => 'Sound',
        };
    }

    public function chanceOfFailing(): Ratio
    {
        return Ratio::of(match ($this) {
            self::Marginal => 0.35,
            self::OldButSound => 0.12,
            self::Sound => 0.03,
        });
    }
}
