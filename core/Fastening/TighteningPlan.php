<?php

declare(strict_types=1);

namespace Spindle\Fastening;

use Spindle\Quantity\Angle;
use Spindle\Quantity\Ratio;
use Spindle\Quantity\Torque;
use Spindle\Sheet\JobSheet;

/** How one group of bolts is tightened, and how far it is. */
final readonly class TighteningPlan
{
    /**
     * @param  list<int>  $order  bolts by number
     * @param  list<TighteningStage>  $stages
     * @param  Torque|null  $torque  the maker's
     * @param  Torque|null  $reference  only where the maker's is missing
     * @param  array<string, list<int>>  $done  bolts by stage
     * @param  array<int, string>  $notes  what is particular about a bolt, by its number
     */
    private function __construct(
        public BoltGroup $group,
        public BoltLayout $layout,
        public array $order,
        public array $stages,
        public ?Torque $torque,
        public ?Torque $reference,
        public ?Angle $angle,
        public array $done,
        public array $notes,
    ) {
    }

    /** Nothing while it is not known how many bolts there are. */
    public static function of(JobSheet $sheet, BoltGroup $group): ?self
    {
        $values = $sheet->values;
        $bolts = $values->count($group->key('bolts'));
        if ($bolts === null) {
            return null;
        }
        $layout = BoltLayout::tryFrom($values->word($group->key('layout')) ?? '') ?? BoltLayout::Circle;
        $torque = $values->one(Torque::class, $group->key('torque'));
        $angle = $values->one(Angle::class, $group->key('angle'));
        $thread = Thread::read($values->word($group->key('thread')) ?? '');
        $grade = Grade::tryFrom($values->word($group->key('grade')) ?? '');
        $chosen = $values->words($group->key('stages'));
        $stages = array_values(array_filter(TighteningStage::cases(), static fn (TighteningStage $s): bool => match (true) {
            // Bolts that are given an angle go through it, whatever list of rounds was chosen.
            $s === TighteningStage::Angle => $angle !== null || in_array($s->value, $chosen, true),
            default => $chosen === [] || in_array($s->value, $chosen, true),
        }));
        $done = [];
        foreach (TighteningStage::cases() as $stage) {
            $ticked = array_map(
                static fn (Ratio $n): int => (int) $n->value, $values->all(Ratio::class, $group->round($stage)),
            );
            $done[$stage->value] = array_values(array_unique(array_filter($ticked, static fn (int $n): bool => $n <= $bolts)));
        }

        return new self(
            $group, $layout, $layout->order($bolts), $stages, $torque, $torque !== null || $thread === null || $grade === null ? null
                : ReferenceTorque::of($thread, $grade, $values->flag($group->key('oiled'))),
            $angle, $done, self::notes($values->word($group->key('differ')) ?? ''),
        );
    }

    public function bolts(): int
    {
        return count($this->order);
    }

    /** The round that is under way; nothing when all are done. */
    public function stage(): ?TighteningStage
    {
        foreach ($this->stages as $stage) {
            if (count($this->done[$stage->value]) < $this->bolts()) {
                return $stage;
            }
        }

        return null;
    }

    /** The bolt that comes next in the round that is under way. */
    public function next(): ?int
    {
        $stage = $this->stage();
        if ($stage === null) {
            return null;
        }
        foreach ($this->order as $bolt) {
            if (! in_array($bolt, $this->done[$stage->value], true)) {
                return $bolt;
            }
        }

        return null;
    }

    public function isBegun(): bool
    {
        return array_filter($this->done) !== [];
    }

    /** What the wrench is set to in a round; nothing without the maker's torque, or in a round that has none. */
    public function torqueAt(TighteningStage $stage): ?Torque
    {
        $share = $stage->share();

        return $share === null || $stage === TighteningStage::Angle ? null : $this->torque?->times($share);
    }

    /** @return array<int, string> of lines such as "3: M10x1.5, 60 long" */
    private static function notes(string $lines): array
    {
        $notes = [];
        foreach (explode("\n", str_replace("\r", '', $lines)) as $line) {
            if (preg_match('/^\s*(\d{1,2})\s*[:;.)]\s*(\S.*)$/u', $line, $m) === 1) {
                $notes[(int) $m[1]] = trim($m[2]);
            }
        }

        return $notes;
    }
}
