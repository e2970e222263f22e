<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Readings\CurrentReadings;
use App\Readings\EntryOutcome;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Fastening\BoltGroup;
use Spindle\Fastening\TighteningStage;
use Spindle\Sheet\Field;

/**
 * A bolt ticked in a round, or unticked, as the drawing sends it: t[group] = "half 3", or "half -3" to take the tick away. Each says what
 * it is to be, so that two people who tick the same bolt at once do not untick it.
 */
final readonly class PostedTick extends FreePlace
{
    private function __construct(Field $field, private int $bolt, private bool $isDone)
    {
        parent::__construct($field, $isDone ? (string) $bolt : '', $bolt - 1);
    }

    /** @return list<self> */
    public static function of(Request $request): array
    {
        $ticks = [];
        foreach (BoltGroup::cases() as $group) {
            $given = $request->input("t.{$group->value}");
            if (is_string($given) && preg_match('/^(\w+) (-?)([1-9]\d?)$/', $given, $m) === 1 && TighteningStage::tryFrom($m[1]) !== null) {
                $ticks[] = new self(Subjects::dictionary()->get($group->key("done_{$m[1]}")), (int) $m[3], $m[2] === '');
            }
        }

        return $ticks;
    }

    public function take(Job $job, RecordEntry $record): EntryOutcome
    {
        $current = new CurrentReadings($job->readings);
        $rows = $current->filled($this->field->key);
        foreach ($rows as $position => $row) {
            if ((int) $row->typed === $this->bolt) {
                return $this->isDone ? EntryOutcome::kept($this->field->key, $position, $row->typed)
                    : $record->take($job, $this->field, $position, '', $row->seq, null);
            }
        }
        if (! $this->isDone) {
            return EntryOutcome::kept($this->field->key, $this->bolt - 1, '');
        }
        $place = $this->bolt - 1;
        while (isset($rows[$place])) {
            $place = ($place + 1) % $this->field->mostPlaces();
        }

        return $record->take($job, $this->field, $place, $this->typed, $current->row($this->field->key, $place)->seq ?? 0, null);
    }
}
