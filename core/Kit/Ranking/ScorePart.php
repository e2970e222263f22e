<?php

declare(strict_types=1);

namespace Spindle\Kit\Ranking;

/** What a kit that fits and carries is ranked by, in the order of its weight. */
enum ScorePart: string
{
    case Margin = 'margin';
    case Heat = 'heat';
    case Character = 'character';
    case Effort = 'effort';
    case Price = 'price';
    case Drive = 'drive';
    case Lead = 'lead';

    public function label(): string
    {
        return match ($this) {
            self::Margin => 'Margin in the band of the duty',
            self::Heat => 'Heat of a start',
            self::Character => 'Character against the duty',
            self::Effort => 'Pedal effort against the old kit',
            self::Price => 'Price',
            self::Drive => 'What it costs to drive',
            self::Lead => 'Lead time',
        };
    }

    /** Its share of the score, where the shop has decided nothing else. From memory [M]. */
    public function weight(): float
    {
        return match ($this) {
            self::Margin => 0.35,
            self::Heat, self::Character => 0.20,
            self::Effort => 0.10,
            self::Price => 0.06,
            self::Drive => 0.05,
            self::Lead => 0.04,
        };
    }
}
