<?php

declare(strict_types=1);

namespace Spindle\Planning;

use DateTimeImmutable;
use Spindle\Sheet\JobSheet;

/** A flywheel at the machinist: the day it went, how long that takes, the day he says, and whether it is back. */
final readonly class Machinist
{
    /** Working days he has it where nobody says. From memory [M]. */
    private const USUAL = 1;

    /** Days beyond which nobody counts back: a day that far off is a slip of the pen. */
    private const FARTHEST = 730;

    /**
     * @param  DateTimeImmutable|null  $out  the day it went
     * @param  int|null  $days  working days; nothing where it does not go there
     * @param  DateTimeImmutable|null  $backOn  as he says
     */
    private function __construct(
        public ?DateTimeImmutable $out,
        public ?int $days,
        public ?DateTimeImmutable $backOn,
        public bool $isBack,
    ) {
    }

    public static function of(JobSheet $sheet): self
    {
        $values = $sheet->values;
        $zone = WorkCalendar::of($sheet)->zone;
        $day = static function (string $key) use ($values, $zone): ?DateTimeImmutable {
            $said = $values->word($key);
            $on = $said === null || strlen($said) !== 10 ? false : DateTimeImmutable::createFromFormat('!Y-m-d', $said, $zone);

            return $on === false ? null : $on;
        };
        $out = $day(PlanningFields::OUT_ON);

        return new self(
            $out, $values->count('plan.machining_days') ?? ($values->has(PlanningFields::OUT_ON) ? self::USUAL : null),
            $day(PlanningFields::BACK_ON),
            in_array(Task::Fitting->value, $values->words(PlanningFields::DONE), true)
                || $values->hasAny('flywheel.machined', PlanningFields::RETURNED_ON),
        );
    }

    /** Whether it is there now. */
    public function hasIt(): bool
    {
        return $this->out !== null && ! $this->isBack;
    }

    /** The day it is to be back, as he says or as long as it takes; nothing where it is not there. */
    public function expected(WorkCalendar $calendar): ?DateTimeImmutable
    {
        return match (true) {
            $this->out === null || $this->isBack => null,
            $this->backOn !== null => $this->backOn,
            default => $calendar->workingDaysLater($this->out, $this->days ?? self::USUAL)->setTime(0, 0),
        };
    }

    /** Working days that he has had it by then. */
    public function hasHadIt(WorkCalendar $calendar, DateTimeImmutable $by): int
    {
        $days = 0;
        if ($this->out !== null && ! $this->isBack) {
            $today = $by->setTimezone($calendar->zone)->setTime(0, 0);
            $first = max($this->out, $today->modify('-'.self::FARTHEST.' days'));
            for ($day = $first->modify('+1 day'); $day <= $today; $day = $day->modify('+1 day')) {
                $days += $calendar->isOpenOn($day) ? 1 : 0;
            }
        }

        return $days;
    }
}
