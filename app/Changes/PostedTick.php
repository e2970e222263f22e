<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Readings\CurrentReadings;
use App\Readings\EntryOutcome;
use App\Sheets\SheetBuilder;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningPlan;
use Spindle\Fastening\TighteningStage;
use Spindle\Fitting\FittingFields;
use Spindle\Fitting\FittingStep;
use Spindle\Fitting\StepState;
use Spindle\Sheet\Field;
use Spindle\Sheet\JobSheet;

/**
 * A bolt ticked in a round, or unticked, as the drawing sends it: t[group] = "half 3", "half -3" to take the tick away, "half all" for who
 * does not tick each, "seat through" for who says of that round and those before it that they are done. Each says what it is to be, so that
 * two people who tick the same bolt at once do not untick it. The last bolt of the last round closes the step of the fitting that these
 * rounds are.
 */
final readonly class PostedTick extends FreePlace
{
    /** Every bolt that is not ticked yet. */
    private const ALL = 'all';

    /** Every bolt of this round and of those before it. */
    private const THROUGH = 'through';

    private function __construct(
        private BoltGroup $group,
        private TighteningStage $stage,
        private int $bolt,
        private bool $isDone,
        private bool $isThrough = false,
    ) {
        parent::__construct(self::fieldOf($group, $stage), $isDone ? (string) $bolt : '', max(0, $bolt - 1));
    }

    private static function fieldOf(BoltGroup $group, TighteningStage $stage): Field
    {
        return Subjects::dictionary()->get($group->round($stage));
    }

    /** @return list<self> */
    public static function of(Request $request): array
    {
        $ticks = [];
        foreach (BoltGroup::cases() as $group) {
            $given = $request->input("t.{$group->value}");
            $isTick = is_string($given) && preg_match('/^(\w+) (?:(-?)([1-9]\d?)|'.self::ALL.'|'.self::THROUGH.')$/', $given, $m) === 1;
            $stage = $isTick ? TighteningStage::tryFrom($m[1]) : null;
            if ($isTick && $stage !== null) {
                $ticks[] = new self(
                    $group, $stage, (int) ($m[3] ?? 0), ($m[2] ?? '') === '', str_ends_with($given, self::THROUGH),
                );
            }
        }

        return $ticks;
    }

    public function take(Job $job, RecordEntry $record): EntryOutcome
    {
        if ($this->bolt !== 0) {
            $outcome = $this->tick($job, $record, $this->bolt);
        } else {
            foreach ($this->isThrough ? $this->before($job) : [] as $stage) {
                (new self($this->group, $stage, 0, true))->take($job, $record);
            }
            $outcome = EntryOutcome::kept($this->field->key, 0, '');
            foreach ($this->open($job) as $bolt) {
                $outcome = $this->tick($job, $record, $bolt);
            }
        }
        if ($this->isDone && $outcome->isKept()) {
            $this->closeStep($job, $record);
        }

        return $outcome;
    }

    private function tick(Job $job, RecordEntry $record, int $bolt): EntryOutcome
    {
        $current = new CurrentReadings($job->readings);
        $rows = $current->filled($this->field->key);
        foreach ($rows as $position => $row) {
            if ((int) $row->typed === $bolt) {
                return $this->isDone ? EntryOutcome::kept($this->field->key, $position, $row->typed)
                    : $record->take($job, $this->field, $position, '', $row->seq, null);
            }
        }
        if (! $this->isDone) {
            return EntryOutcome::kept($this->field->key, $bolt - 1, '');
        }
        $place = $bolt - 1;
        while (isset($rows[$place])) {
            $place = ($place + 1) % $this->field->mostPlaces();
        }

        return $record->take($job, $this->field, $place, (string) $bolt, $current->row($this->field->key, $place)->seq ?? 0, null);
    }

    /** @return list<TighteningStage> rounds that come before this one; none where it is no round of this group */
    private function before(Job $job): array
    {
        $stages = self::plan($job, $this->group)->stages ?? [];
        $at = array_search($this->stage, $stages, true);

        return $at === false ? [] : array_slice($stages, 0, (int) $at);
    }

    /** @return list<int> the bolts of the round that are not ticked, in their order */
    private function open(Job $job): array
    {
        $plan = self::plan($job, $this->group);

        return $plan === null ? [] : array_values(array_diff($plan->order, $plan->done[$this->stage->value]));
    }

    /** The step that these rounds are is done with the last bolt of the last of them; what somebody said of it stays. */
    private function closeStep(Job $job, RecordEntry $record): void
    {
        $step = FittingStep::ofBolts($this->group->value);
        $current = new CurrentReadings($job->readings);
        // Counting ticks is cheap; only the last one of a round is worth looking at the whole.
        $isLast = count($current->filled($this->field->key)) >= (int) $current->typed($this->group->key('bolts'));
        if ($step === null || ! $isLast || $current->typed(FittingFields::key($step)) !== ''
            || self::plan($job, $this->group)?->stage() !== null) {
            return;
        }
        $field = Subjects::dictionary()->get(FittingFields::key($step));
        $record->take($job, $field, 0, StepState::Done->value, $current->row($field->key)->seq ?? 0, null);
    }

    private static function plan(Job $job, BoltGroup $group): ?TighteningPlan
    {
        return TighteningPlan::of(JobSheet::of(SheetBuilder::document($job), Subjects::dictionary()), $group);
    }
}
