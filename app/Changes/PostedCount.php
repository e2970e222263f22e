<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Readings\CurrentReadings;
use App\Readings\EntryOutcome;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Hydraulics\HydraulicsFields;
use Spindle\Sheet\Field;

/**
 * One more counted at a step of the bleeding, or one less, as the list of steps sends it: t[bleed] = "3 +". It says what is added, not what
 * it comes to, so that two people who count at once lose none.
 */
final readonly class PostedCount extends FreePlace
{
    private function __construct(Field $field, private int $more)
    {
        parent::__construct($field, (string) $more, 0);
    }

    /** @return list<self> */
    public static function of(Request $request): array
    {
        $given = $request->input('t.bleed');

        return is_string($given) && preg_match('/^([1-'.HydraulicsFields::MOST_STEPS.']) ([+-])$/', $given, $m) === 1
            ? [new self(Subjects::dictionary()->get(HydraulicsFields::counted((int) $m[1])), $m[2] === '+' ? 1 : -1)] : [];
    }

    public function take(Job $job, RecordEntry $record): EntryOutcome
    {
        $row = (new CurrentReadings($job->readings))->row($this->field->key, 0);
        $count = max(0, (int) ($row->typed ?? 0) + $this->more);

        return $record->take($job, $this->field, 0, $count === 0 ? '' : (string) $count, $row->seq ?? 0, null);
    }
}
