<?php

declare(strict_types=1);

namespace App\Models;

/** How far a part ordered for a job has come. */
enum OrderState: string
{
    case Offered = 'offered';
    case Asked = 'asked';
    case Ordered = 'ordered';
    case BackOrder = 'back_order';
    case Refused = 'refused';
    case NoAnswer = 'no_answer';
    case PartArrived = 'part_arrived';
    case Arrived = 'arrived';
    case Wrong = 'wrong';
    case SentBack = 'sent_back';
    case Cancelled = 'cancelled';

    public function label(): string
    {
        return match ($this) {
            self::Offered => 'Offered',
            self::Asked => 'Being ordered',
            self::Ordered => 'Ordered',
            self::BackOrder => 'On back order',
            self::Refused => 'Refused',
            self::NoAnswer => 'No answer',
            self::PartArrived => 'Arrived in part',
            self::Arrived => 'Arrived',
            self::Wrong => 'Wrong part came',
            self::SentBack => 'Sent back',
            self::Cancelled => 'Cancelled',
        };
    }

    /** Whether the counter said that it has the order, and nothing has undone it since. */
    public function isStanding(): bool
    {
        return in_array($this, [self::Ordered, self::BackOrder, self::PartArrived, self::Arrived], true);
    }

    /** Whether the job still waits for the part. */
    public function isAwaited(): bool
    {
        return in_array($this, [self::Asked, self::Ordered, self::BackOrder, self::NoAnswer, self::PartArrived], true);
    }
}
