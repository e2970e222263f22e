<?php

declare(strict_types=1);

namespace Spindle\Kit\Completeness;

/** Where a part of the job comes from. */
enum PartState: string
{
    case InKit = 'in_kit';
    case OnShelf = 'shelf';
    case Ordered = 'ordered';
    case Reused = 'reused';
    case NotApplicable = 'not_applicable';

    public function label(): string
    {
        return match ($this) {
            self::InKit => 'In the kit',
            self::OnShelf => 'On our shelf',
            self::Ordered => 'Ordered',
            self::Reused => 'Reused',
            self::NotApplicable => 'Not needed',
        };
    }
}
