<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\BoltLayout;
use Spindle\Fastening\TighteningPlan;
use Spindle\Fastening\TighteningStage;

/** The bolts of a group where they stand, with the order in which they are tightened and who tightened each. */
final readonly class BoltDrawing
{
    /** A bolt can be pressed by a finger: so far its middle stands from the next one's at least. */
    private const APART = 50.0;

    private const LEAST_RADIUS = 96.0;

    private const EDGE = 28.0;

    /** @param  array<string, array<int, string>>  $who  by round and bolt, who and when */
    private function __construct(public TighteningPlan $plan, private array $who, private AssessedJob $page)
    {
    }

    /** Nothing while it is not known how many bolts there are. */
    public static function of(AssessedJob $page, BoltGroup $group): ?self
    {
        $plan = TighteningPlan::of($page->sheet, $group);
        if ($plan === null) {
            return null;
        }
        $who = [];
        foreach (TighteningStage::cases() as $stage) {
            foreach ($page->current->filled($group->round($stage)) as $row) {
                $who[$stage->value][(int) $row->typed] = $row->author().', '.ReaderLocale::dateTime($row->at);
            }
        }

        return new self($plan, $who, $page);
    }

    public function width(): float
    {
        return $this->plan->layout === BoltLayout::Row
            ? 2 * self::EDGE + ($this->plan->bolts() - 1) * self::APART : 2 * (self::EDGE + $this->radius());
    }

    public function height(): float
    {
        return $this->plan->layout === BoltLayout::Row ? 2 * self::EDGE : $this->width();
    }

    private function radius(): float
    {
        return max(self::LEAST_RADIUS, $this->plan->bolts() * self::APART / (2 * M_PI));
    }

    /** @return array{float, float} the middle of a bolt */
    public function at(int $bolt): array
    {
        if ($this->plan->layout === BoltLayout::Row) {
            return [self::EDGE + ($bolt - 1) * self::APART, self::EDGE];
        }
        $angle = 2 * M_PI * ($bolt - 1) / $this->plan->bolts();
        $middle = self::EDGE + $this->radius();

        return [round($middle + $this->radius() * sin($angle), 1), round($middle - $this->radius() * cos($angle), 1)];
    }

    /** The way from bolt to bolt, as a path. */
    public function way(): string
    {
        return 'M'.implode('L', array_map(fn (int $bolt): string => implode(' ', $this->at($bolt)), $this->plan->order));
    }

    /** The round that is shown: the one under way, or the last when all are done. */
    public function stage(): ?TighteningStage
    {
        return $this->plan->stage() ?? ($this->plan->stages[count($this->plan->stages) - 1] ?? null);
    }

    public function isDone(int $bolt): bool
    {
        $stage = $this->stage();

        return $stage !== null && in_array($bolt, $this->plan->done[$stage->value], true);
    }

    /** "Ines Falk, 10:32"; empty for a bolt that is not ticked in the round shown. */
    public function who(int $bolt): string
    {
        return $this->who[$this->stage()->value ?? ''][$bolt] ?? '';
    }

    /** Whether the round that is shown goes by a torque that nobody has entered. */
    public function wantsTorque(): bool
    {
        return $this->stage()?->share() !== null && $this->plan->torque === null;
    }

    /** "12 N·m", "90°"; empty where a round has none. */
    public function set(TighteningStage $stage): string
    {
        $torque = $this->plan->torqueAt($stage);

        return match (true) {
            $torque !== null => $this->page->display->quantity($torque, 0.1),
            $stage === TighteningStage::Angle && $this->plan->angle !== null => $this->page->display->number(
                $this->plan->angle->as('°'), 0,
            ).'°',
            default => '',
        };
    }
}
