<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Job;
use App\Models\Reading;
use App\Models\User;
use Illuminate\Http\Request;
use Spindle\JobSheet\Dictionary;
use Spindle\JobSheet\Field;

/** A mark placed on a friction face, or taken off it, as the face map sends it: m[part][kind, clock, radius, place or take]. */
final readonly class PostedMark
{
    private const PARTS = ['flywheel', 'cover'];

    private function __construct(private Field $field, private string $typed, private ?int $take)
    {
    }

    /** @return list<self> one a part at most: taken off, placed, or typed in and sent with everything else */
    public static function of(Request $request): array
    {
        $marks = [];
        foreach (self::PARTS as $part) {
            $text = static fn (string $name): string => is_string($given = $request->input("m.{$part}.{$name}")) ? trim($given) : '';
            $field = Dictionary::get("{$part}.marks");
            if (ctype_digit($text('take'))) {
                $marks[] = new self($field, '', (int) $text('take'));
            } elseif ($text('place').$text('clock').$text('radius') !== '') {
                $marks[] = new self($field, trim("{$text('kind')} {$text('clock')} {$text('radius')}"), null);
            }
        }

        return $marks;
    }

    public function record(Job $job, User $by): EntryOutcome
    {
        // The free place is looked for when nobody else can take it.
        return InTurn::do(function () use ($job, $by): EntryOutcome {
            $rows = Reading::query()->where('clutch_job_id', $job->id)->where('field', $this->field->key)->get();
            $place = $this->take ?? ($rows->isEmpty() ? 0 : 1 + (int) $rows->max('position'));
            $shown = (int) $rows->where('position', $place)->where('kind', Reading::ENTRY)->max('seq');

            return (new RecordEntry($job, $by))->record($this->field, $place, $this->typed, $shown, null);
        });
    }
}
