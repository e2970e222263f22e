<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;
use Spindle\Quantity\Ratio;
use Spindle\Sheet\JobSheet;

/** What a job waits for besides its own work. */
final readonly class Waits
{
    /** Days a delivery takes where neither the kit nor anybody says. From memory [M]. */
    private const USUAL_DELIVERY = 1;

    /** Days ahead beyond which a day is a slip of the pen: no plan is laid farther, and one that far promises nobody anything. */
    private const FARTHEST = 730;

    /** Of the days that are said, shortest and longest. From memory [M]. */
    private const DELIVERY = [0.9, 1.6];

    private const MACHINING = [0.8, 2.0];

    /**
     * @param  ThreePoint|null  $delivery  days after the order; nothing where the parts are there
     * @param  ThreePoint|null  $machining  working days at the machinist; nothing where the flywheel is not there
     * @param  DateTimeImmutable|null  $partsOn  when what was ordered is there: that day counts, whatever is ticked
     * @param  DateTimeImmutable|null  $backOn  when the flywheel is back
     */
    private function __construct(
        public ?ThreePoint $delivery,
        public ?ThreePoint $machining,
        public ?DateTimeImmutable $partsOn,
        public ?DateTimeImmutable $backOn,
    ) {
    }

    /** @param  DateTimeImmutable|null  $partsOn  as ordered, where the job itself does not say */
    public static function of(
        JobSheet $sheet,
        WorkCalendar $calendar,
        DateTimeImmutable $from,
        ?DateTimeImmutable $partsOn = null,
    ): self {
        $values = $sheet->values;
        $latest = $from->modify('+'.self::FARTHEST.' days');
        $day = static function (string $key) use ($values, $calendar, $latest): ?DateTimeImmutable {
            $said = $values->word($key);
            $on = $said === null || strlen($said) !== 10 ? false : DateTimeImmutable::createFromFormat('!Y-m-d', $said, $calendar->zone);

            return $on === false ? null : min($on, $latest);
        };
        $done = $values->words(PlanningFields::DONE);
        $areThere = in_array(Task::Bench->value, $done, true) || $values->has('bench.accepted');
        $machinist = Machinist::of($sheet);
        $had = $machinist->hasHadIt($calendar, $from);
        $days = $values->count('plan.delivery_days')
            ?? (int) round($values->one(Ratio::class, 'kit.lead_days')->value ?? self::USUAL_DELIVERY);

        return new self(
            $areThere ? null : self::about($days, self::DELIVERY),
            $machinist->isBack || $machinist->days === null ? null : self::about($machinist->days, self::MACHINING)->less($had),
            $areThere ? null : $day(PlanningFields::PARTS_ON) ?? ($partsOn === null ? null : min($partsOn, $latest)),
            $machinist->isBack || $machinist->backOn === null ? null : min($machinist->backOn, $latest),
        );
    }

    /** Everything is there. */
    public static function none(): self
    {
        return new self(null, null, null, null);
    }

    /** @param  array{float, float}  $of */
    private static function about(int $days, array $of): ThreePoint
    {
        return ThreePoint::of($of[0] * $days, $days, $of[1] * $days);
    }

    /** Whether parts are on their way and nobody said when they come: they are counted from now. */
    public function isDeliveryOpen(bool $isOrdered): bool
    {
        return $isOrdered && $this->partsOn === null && $this->delivery !== null && $this->delivery->longest > 0.0;
    }
}
