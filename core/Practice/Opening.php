<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\Assessment;
use Spindle\Assessment\StripPart;
use Spindle\Assessment\Subjects;
use Spindle\Limit\Finding;
use Spindle\Limit\Verdict;
use Spindle\Planning\JobPlan;
use Spindle\Planning\Task;
use Spindle\Quantity\Distance;
use Spindle\Quantity\Duration;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;
use Spindle\Sheet\Origin;
use Spindle\Vehicle\VehicleClass;

/**
 * A practice clutch once the gearbox is off: what was looked at and how well, what the core says of just these readings, what was renewed,
 * and what of that was wanted. No rule of its own: a part is looked at by the fields of the sheet, and judged as on the bench.
 */
final readonly class Opening
{
    /** What hands do with the gearbox off. Machining only where it was ordered. */
    private const HOURS = [Task::Access, Task::Inspection, Task::Ordering, Task::Bench, Task::Fitting, Task::Closing, Task::Setting,
        Task::Proving];

    /**
     * @param  array<string, bool>  $looked  by part, whether it was hurried
     * @param  list<Work>  $renewed
     * @param  bool  $isCautioned  the cautions were taken note of before hands went in
     */
    private function __construct(
        public Hidden $hidden, public array $looked, public array $renewed, public bool $isCautioned, public bool $isClosed,
    ) {
    }

    /** @param  list<Move>  $moves  of those what was done since the gearbox is off */
    public static function by(Hidden $hidden, array $moves): self
    {
        [$looked, $renewed, $isCautioned, $handsIn, $isClosed] = [[], [], false, false, false];
        foreach ($moves as $move) {
            if ($isClosed) {
                break;
            }
            $isCautioned = $isCautioned || ($move->isCaution && ! $handsIn);
            $handsIn = $handsIn || $move->part !== null || $move->work !== null;
            if ($move->part !== null) {
                // Measured at every place once, it stays measured.
                $looked[$move->part->value] = ($looked[$move->part->value] ?? true) && $move->isHurried;
            }
            if ($move->work !== null) {
                $isIn = in_array($move->work, $renewed, true);
                $renewed = $isIn ? array_values(array_filter($renewed, static fn (Work $w): bool => $w !== $move->work))
                    : [...$renewed, $move->work];
            }
            $isClosed = $move->isClosing;
        }

        return new self($hidden, $looked, $renewed, $isCautioned, $isClosed);
    }

    /** As whoever looked at everything, and renewed what is wrong, would have done it. */
    public static function best(Hidden $hidden): self
    {
        return new self($hidden, array_fill_keys(array_map(
            static fn (StripPart $p): string => $p->value, StripPart::on($hidden->truth),
        ), false), $hidden->wanted(), true, true);
    }

    /** @return list<StripPart> */
    public function parts(): array
    {
        return StripPart::on($this->hidden->truth);
    }

    /** @return list<Work> what can be done on this vehicle */
    public function works(): array
    {
        return array_values(array_unique(array_map(Work::on(...), $this->parts()), SORT_REGULAR));
    }

    /** What a look costs, in whole minutes: what its readings take. From memory [M]. */
    public function minutesFor(StripPart $part, bool $isHurried): int
    {
        $places = static fn (Field $f): int => $isHurried ? max(1, $f->positions) : 1;

        return (int) round(array_sum(array_map(
            static fn (Field $f): float => $f->nature()->minutes / $places($f), $this->fields($part),
        )));
    }

    /** Whether a hurried look saves a minute at all. */
    public function isShorterHurried(StripPart $part): bool
    {
        return $this->minutesFor($part, true) < $this->minutesFor($part, false);
    }

    /** @return array<string, list<string>> what was read at a part, as it is typed: sizes within the instrument's doubt */
    public function read(StripPart $part): array
    {
        $isHurried = $this->looked[$part->value] ?? null;
        $read = [];
        foreach ($isHurried === null ? [] : $this->fields($part) as $field) {
            $typed = Reader::read($this->hidden, $field);
            $isOne = $isHurried === true && $field->isMeasured();
            $read[$field->key] = $isOne ? array_slice($typed, 0, 1) : $typed;
        }

        return $read;
    }

    /** The sheet as it stands with what was read, and nothing else of the clutch. */
    public function sheet(): JobSheet
    {
        return $this->hidden->sheetWith(array_merge(...array_map($this->read(...), $this->parts())));
    }

    /** @return list<Finding> what the core says of what was read, worst first: near and out */
    public function findings(): array
    {
        $keys = array_keys(array_merge(...array_map($this->read(...), $this->parts())));
        $found = array_values(array_filter(
            Assessment::of($this->sheet())->findings, static fn (Finding $f): bool => array_intersect($f->readings, $keys) !== []
                && in_array($f->verdict, [Verdict::Out, Verdict::Near], true),
        ));
        usort($found, static fn (Finding $a, Finding $b): int => $a->verdict->rank() <=> $b->verdict->rank());

        return $found;
    }

    /** @return list<Work> wanted, and left as it was */
    public function left(): array
    {
        return array_values(array_filter($this->hidden->wanted(), fn (Work $w): bool => ! in_array($w, $this->renewed, true)));
    }

    /** @return list<Work> renewed though nothing was wrong with it; the kit is commonly renewed while it is open */
    public function needless(): array
    {
        return array_values(array_filter(
            $this->renewed, fn (Work $w): bool => $w !== Work::Kit && ! in_array($w, $this->hidden->wanted(), true),
        ));
    }

    /** @return list<StripPart> wrong, and never looked at */
    public function unseen(): array
    {
        return array_values(array_filter($this->hidden->damaged(), fn (StripPart $p): bool => ! isset($this->looked[$p->value])));
    }

    /** After how much what was left comes back, by the meter the vehicle has; nothing where it does so at once. */
    public function comesBackAfter(Work $work): Distance|Duration|null
    {
        return ComesBack::after($this->hidden, $work);
    }

    /** Hours of hands, opening and closing among them. */
    public function hours(): Duration
    {
        $plan = JobPlan::hours($this->hidden->truth);
        $tasks = in_array(Work::Flywheel, $this->renewed, true) ? [...self::HOURS, Task::Machining] : self::HOURS;
        $open = array_sum(array_map(static fn (Task $t): float => isset($plan[$t->value]) ? $plan[$t->value]->likeliest : 0.0, $tasks));
        $looks = array_sum(array_map(
            fn (StripPart $p): float => isset($this->looked[$p->value]) ? $this->minutesFor($p, $this->looked[$p->value]) / 60 : 0.0,
            $this->parts(),
        ));

        return Duration::in($open + $looks + array_sum(array_map(static fn (Work $w): float => $w->hours(), $this->renewed)), 'h');
    }

    /** Parts and machining, in an invented shop's money. */
    public function money(): float
    {
        $times = match ($this->hidden->truth->vehicleClass()) {
            VehicleClass::Truck => 4.0,
            VehicleClass::Tractor => 2.2,
            VehicleClass::Van => 1.6,
            default => 1.0,
        };

        return $times * array_sum(array_map(static fn (Work $w): float => $w->price(), $this->renewed));
    }

    /** @return list<Field> what of a part has a truth that is read off it */
    private function fields(StripPart $part): array
    {
        return array_values(array_filter(
            array_map(Subjects::dictionary()->get(...), $this->hidden->read()),
            static fn (Field $f): bool => $f->firstWord() === $part->value && $f->nature()->origin === Origin::Measured
                // The clock is the same dial read at eight places; the turn says how much in all.
                && $f->nature()->partOf === '',
        ));
    }
}
