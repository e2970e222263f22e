<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Readings\CurrentReadings;
use App\Readings\EntryOutcome;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Record\RecordSubject;
use Spindle\Sheet\Field;

/**
 * A photo put on the printed sheet, or taken off it: t[photo] = "4f1c20aa91be +". Photos are named by the beginning of the hash of their
 * file, as the signed sheet names them, so that the choice still means something in a file.
 */
final readonly class PostedPhoto extends FreePlace
{
    private function __construct(Field $field, private string $photo, private bool $isOn)
    {
        parent::__construct($field, $photo, 0);
    }

    /** @return list<self> */
    public static function of(Request $request): array
    {
        $given = $request->input('t.photo');

        return is_string($given) && preg_match('/^([0-9a-f]{12}) ([+-])$/', $given, $m) === 1
            ? [new self(Subjects::dictionary()->get(RecordSubject::PHOTOS), $m[1], $m[2] === '+')] : [];
    }

    public function take(Job $job, RecordEntry $record): EntryOutcome
    {
        $row = (new CurrentReadings($job->readings))->row($this->field->key, 0);
        $chosen = RecordSubject::chosen($row->typed ?? '');
        $now = $this->isOn ? array_unique([...$chosen, $this->photo]) : array_diff($chosen, [$this->photo]);

        return $record->take($job, $this->field, 0, implode(' ', $now), $row->seq ?? 0, null);
    }
}
