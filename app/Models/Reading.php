<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\Clock;
use Illuminate\Support\Carbon;
use Spindle\Assessment\Subjects;

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
final class Reading extends Row
{
    use AppendOnly, Attributed;

    private static ?self $blank = null;

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

    /** A row of a field, not stored yet: every way in makes its rows here. By nobody, and worth nothing, until that is said. */
    public static function entered(string $field, int $position, string $typed, string $kind = self::ENTRY): self
    {
        self::$blank ??= new self;

        return (clone self::$blank)->setRawAttributes([
            'seq' => 0, 'field' => $field, 'position' => $position, 'kind' => $kind, 'typed' => $typed, 'value' => null, 'unit' => null,
            'is_number' => 0, 'instrument' => null, 'supersedes' => null, 'user_id' => null, 'by_name' => '',
            'at' => Clock::stored(), 'stated' => 0,
        ]);
    }

    /** @param  int|null  $supersedes  the row that it stands in the place of */
    public function numbered(int $seq, ?int $supersedes = null): self
    {
        return $this->said(['seq' => $seq, 'supersedes' => $supersedes]);
    }

    /** What it comes to in the base unit, the unit that was meant, and what it was taken with. */
    public function worth(?float $value, ?string $unit, bool $isNumber = false, ?string $instrument = null): self
    {
        return $this->said(['value' => $value, 'unit' => $unit, 'is_number' => (int) $isNumber, 'instrument' => $instrument]);
    }

    /** Worth what another row is; nothing where there is none. */
    public function like(?self $row): self
    {
        return $this->worth($row?->value, $row?->unit, $row->is_number ?? false, $row?->instrument);
    }

    /** @param  string  $source  where it came from, where somebody did not type it: "from the kit fitted last" */
    public function by(User $user, string $source = ''): self
    {
        return $this->said(['user_id' => $user->id, 'by_name' => $source === '' ? $user->name : "{$user->name}, {$source}"]);
    }

    /** What a file says of it: who, when, and whether that is only stated. */
    public function filed(string $by, string $at, bool $isStated): self
    {
        return $this->said(['by_name' => $by, 'at' => $at, 'stated' => (int) $isStated]);
    }

    /** The row as it stands in the database from now on. Stored without filling a model: this is the one write everybody waits for. */
    public function storedIn(int $job): self
    {
        $row = ['clutch_job_id' => $job, ...$this->attributes];

        return (new self())->newFromBuilder(['id' => self::query()->insertGetId($row), ...$row]);
    }

    /** @param  array<string, mixed>  $more */
    private function said(array $more): self
    {
        return $this->setRawAttributes([...$this->attributes, ...$more]);
    }

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
    public function __get($key): mixed
    {
        return match ($key) {
            'seq', 'position', 'field', 'kind', 'typed', 'unit', 'instrument', 'by_name', 'supersedes' => $this->attributes[$key] ?? null,
            'stated', 'is_number' => (bool) ($this->attributes[$key] ?? false),
            default => parent::getAttribute($key),
        };
    }

    public function getAttribute($key): mixed
    {
        return $this->__get($key);
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

    /** The same, with the words of a choice as its field has them. */
    public function inWords(): string
    {
        $options = Subjects::dictionary()->find($this->field)->options ?? [];

        return $options === []
            ? $this->written()
            : implode(', ', array_map(static fn (string $word): string => $options[$word] ?? $word, explode(',', $this->typed)));
    }

    public static function withUnit(string $typed, string $unit): string
    {
        $bare = preg_match('/^[\s\d.,+\-−\/½⅓⅔¼¾⅛⅜⅝⅞\x{00A0}\x{202F}\x{2009}]+$/u', $typed) === 1;

        return $bare && $unit !== '' ? trim($typed).' '.$unit : $typed;
    }
}
