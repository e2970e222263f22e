<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Readings\CurrentReadings;
use App\Readings\EntryOutcome;
use App\Sheets\SheetBuilder;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Hydraulics\BleedingProgress;
use Spindle\Hydraulics\HydraulicsFields;
use Spindle\Quantity\Display;
use Spindle\Sheet\JobSheet;

/**
 * A step of the bleeding, as the list of steps sends it: counted once more or once less, t[bleed] = "3 +", "3 -", or ticked and unticked,
 * "3 x", "3 o". It says what is added, not what it comes to, so that two people who count at once lose none. The last count of a step
 * ticks it; a step whose own counts, or those of one before, are not done is not ticked.
 */
final readonly class PostedCount extends FreePlace
{
    private function __construct(private int $step, private string $what)
    {
        parent::__construct(Subjects::dictionary()->get(
            in_array($what, ['+', '-'], true) ? HydraulicsFields::counted($step) : HydraulicsFields::STEPS_DONE,
        ), $what, 0);
    }

    /** @return list<self> */
    public static function of(Request $request): array
    {
        $given = $request->input('t.bleed');

        return is_string($given) && preg_match('/^([1-'.HydraulicsFields::MOST_STEPS.']) ([-+xo])$/', $given, $m) === 1
            ? [new self((int) $m[1], $m[2])] : [];
    }

    public function take(Job $job, RecordEntry $record): EntryOutcome
    {
        $why = $this->what === 'x' ? self::progress($job)->whyNot($this->step) : null;
        if ($why !== null) {
            return EntryOutcome::refused($this->field->key, 0, '', $why->in(new Display));
        }
        $this->saySchool($job, $record);
        if ($this->what === 'x' || $this->what === 'o') {
            return $this->tick($job, $record, $this->what === 'x');
        }
        $row = (new CurrentReadings($job->readings))->row($this->field->key, 0);
        $count = max(0, (int) ($row->typed ?? 0) + ($this->what === '+' ? 1 : -1));
        $outcome = $record->take($job, $this->field, 0, $count === 0 ? '' : (string) $count, $row->seq ?? 0, null);
        $progress = self::progress($job);
        $isTicked = $progress->isTicked($this->step);
        if ($outcome->isKept() && $isTicked !== ($progress->whyNot($this->step) === null)) {
            $this->tick($job, $record, ! $isTicked);
        }

        return $outcome;
    }

    /** Who goes by the steps that are shown bleeds in that way; it is written down with the first of them. */
    private function saySchool(Job $job, RecordEntry $record): void
    {
        $field = Subjects::dictionary()->get('hydraulics.school');
        $row = (new CurrentReadings($job->readings))->row($field->key, 0);
        if (($row->typed ?? '') === '') {
            $record->take($job, $field, 0, self::progress($job)->school->value, $row->seq ?? 0, null);
        }
    }

    private function tick(Job $job, RecordEntry $record, bool $isDone): EntryOutcome
    {
        $field = Subjects::dictionary()->get(HydraulicsFields::STEPS_DONE);
        $row = (new CurrentReadings($job->readings))->row($field->key, 0);
        $word = HydraulicsFields::step($this->step);
        $rest = array_diff(array_filter(explode(',', $row->typed ?? ''), static fn (string $w): bool => $w !== ''), [$word]);
        sort($rest);

        return $record->take($job, $field, 0, implode(',', $isDone ? [...$rest, $word] : $rest), $row->seq ?? 0, null);
    }

    private static function progress(Job $job): BleedingProgress
    {
        return BleedingProgress::of(JobSheet::of(SheetBuilder::document($job), Subjects::dictionary()));
    }
}
