<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * One entry as somebody typed it, for ever. The one with the highest number in a field and place is the one that counts.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property int $seq number within the job
 * @property string $field
 * @property int $position
 * @property string $kind entry, set_aside (typed while somebody else changed the field), again (to be measured again)
 * @property string $typed empty when the entry was taken out
 * @property float|null $value in the base unit
 * @property string|null $unit the one typed, or shown by the field when none was
 * @property bool $is_number came from a file as a number in the base unit
 * @property string|null $instrument
 * @property int|null $supersedes
 * @property int|null $user_id
 * @property string $by_name
 * @property bool $stated a file that was taken in says so
 * @property Carbon $at
 */
final class Reading extends Record
{
    use AppendOnly, Attributed;

    public const ENTRY = 'entry';

    public const SET_ASIDE = 'set_aside';

    public const AGAIN = 'again';

    public $timestamps = false;

    protected $attributes = ['stated' => false];

    protected $table = 'readings';

    protected $fillable = [
        'clutch_job_id',
        'seq',
        'field',
        'position',
        'kind',
        'typed',
        'value',
        'unit',
        'is_number',
        'instrument',
        'supersedes',
        'user_id',
        'by_name',
        'at',
        'stated',
    ];

    protected function casts(): array
    {
        return [
            'at' => 'datetime',
            'stated' => 'boolean',
            'value' => 'float',
            'is_number' => 'boolean',
            'seq' => 'integer',
            'position' => 'integer',
            'supersedes' => 'integer',
        ];
    }

    /** A page reads these thousands of times; they need no cast and no mutator, so they are handed out as they are. */
    public function getAttribute($key): mixed
    {
        return match ($key) {
            'seq', 'position', 'field', 'kind', 'typed', 'unit', 'instrument', 'by_name', 'supersedes' => $this->attributes[$key] ?? null,
            'stated', 'is_number' => (bool) ($this->attributes[$key] ?? false),
            default => parent::getAttribute($key),
        };
    }

    /** When it was entered, in universal time. Source of the form: RFC 3339. */
    public function moment(): string
    {
        $stored = $this->attributes['at'] ?? null;

        return is_string($stored) && strlen($stored) === 19 ? strtr($stored, ' ', 'T').'Z' : $this->at->toIso8601ZuluString();
    }

    /** As a line of the log in a file; what it does not have is left out. */
    public function logged(bool $saysWhoStates): \stdClass
    {
        [
            'seq' => $seq,
            'field' => $field,
            'position' => $position,
            'kind' => $kind,
            'typed' => $typed,
            'by_name' => $by,
        ] = $this->attributes;
        $line = (object) ['seq' => $seq, 'field' => $field, 'position' => $position, 'kind' => $kind, 'typed' => $typed];
        foreach (['unit', 'instrument', 'supersedes'] as $name) {
            // A plain number has no unit; that is said by nothing, as a file says it.
            if (isset($this->attributes[$name]) && $this->attributes[$name] !== '') {
                $line->{$name} = $this->attributes[$name];
            }
            if ($name === 'unit' && $this->is_number) {
                $line->number = true;
            }
        }
        [$line->by, $line->at] = [$by, $this->moment()];
        if ($saysWhoStates && $this->stated) {
            $line->stated = true;
        }

        return $line;
    }

    /** As typed, with the unit the field showed when none was typed. */
    public function written(): string
    {
        return self::withUnit($this->typed, $this->unit ?? '');
    }

    public static function withUnit(string $typed, string $unit): string
    {
        $bare = preg_match('/^[\s\d.,+\-−\/½⅓⅔¼¾⅛⅜⅝⅞\x{00A0}\x{202F}\x{2009}]+$/u', $typed) === 1;

        return $bare && $unit !== '' ? trim($typed).' '.$unit : $typed;
    }
}
