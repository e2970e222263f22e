<?php

declare(strict_types=1);

namespace App\Changes;

use App\Models\Job;
use App\Models\Reading;
use App\Readings\EntryOutcome;
use Illuminate\Http\Request;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\Field;

/** A mark placed on a friction face, or taken off it, as the face map sends it: m[part][kind, clock, radius, place or take]. */
final readonly class PostedMark extends FreePlace
{
    private const PARTS = ['flywheel', 'cover'];

    private function __construct(Field $field, string $typed, private ?int $take)
    {
        parent::__construct($field, $typed, $take ?? 0);
    }

    /** @return list<self> one a part at most: taken off, placed, or typed in and sent with everything else */
    public static function of(Request $request): array
    {
        $marks = [];
        foreach (self::PARTS as $part) {
            $text = static fn (string $name): string => is_string($given = $request->input("m.{$part}.{$name}")) ? trim($given) : '';
            $field = Subjects::dictionary()->get("{$part}.marks");
            if (ctype_digit($text('take'))) {
                $marks[] = new self($field, '', (int) $text('take'));
            } elseif ($text('place').$text('clock').$text('radius') !== '') {
                $marks[] = new self($field, trim("{$text('kind')} {$text('clock')} {$text('radius')}"), null);
            }
        }

        return $marks;
    }

    public function take(Job $job, RecordEntry $record): EntryOutcome
    {
        $rows = $job->readings->where('field', $this->field->key);
        $place = $this->take ?? ($rows->isEmpty() ? 0 : 1 + (int) $rows->max('position'));
        $shown = (int) $rows->where('position', $place)->where('kind', Reading::ENTRY)->max('seq');

        return $record->take($job, $this->field, $place, $this->typed, $shown, null);
    }
}
