<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\StripPart;
use Spindle\Sheet\Station;

/**
 * One clutch job on one vehicle.
 *
 * @property int $id
 * @property int $vehicle_id
 * @property string $units
 * @property string|null $base_sheet
 * @property string $opened_by
 * @property Carbon|null $taken_in_at when the file it came in was taken in, by whoever opened it
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property JobState $state what it waits for
 * @property bool $is_open not signed
 * @property string|null $promised_on a day, month or year
 * @property bool $is_practice
 * @property string|null $waits_until the day what it waits for is to be here
 * @property Vehicle $vehicle
 * @property Collection<int, Reading> $readings
 * @property Collection<int, Waiver> $waivers
 * @property Collection<int, Note> $notes
 * @property Collection<int, Photo> $photos
 * @property KitChoice|null $kitChoice
 * @property SignedSheet|null $signedSheet
 * @property JobStanding|null $standing
 * @property JobFacts|null $facts
 */
final class Job extends Row
{
    /** The database of those that are practised on. */
    public const PRACTICE = 'practice';

    /** Corrections included. A hundred times what the longest job came to, and still a file that can be frozen and read again. */
    public const MOST_ENTRIES = 20_000;

    /** Everything that is read to show or assess a job. */
    public const WHOLE = ['vehicle', 'readings', 'waivers', 'notes', 'kitChoice', 'signedSheet'];

    /** Of these most jobs have none; each that is there costs a query, so it is asked first which are. */
    private const SELDOM = ['waivers' => 'waivers', 'notes' => 'notes', 'kit_choices' => 'kitChoice', 'signed_sheets' => 'signedSheet'];

    /** Those are read by pages alone. */
    private const PHOTOS = 'photos';

    protected $table = 'clutch_jobs';

    protected $fillable = ['vehicle_id', 'units', 'base_sheet', 'opened_by', 'taken_in_at', 'state', 'is_open', 'promised_on'];

    protected static function booted(): void
    {
        // The mark without which the database of the practice takes no job, and that of the shop takes none with it.
        self::creating(static function (self $job): void {
            $job->setAttribute('is_practice', DB::getDefaultConnection() === self::PRACTICE);
        });
    }

    /** @return BelongsTo<Vehicle, $this> */
    public function vehicle(): BelongsTo
    {
        return $this->belongsTo(Vehicle::class);
    }

    /** @return HasMany<Reading, $this> in the order they were entered */
    public function readings(): HasMany
    {
        return $this->hasMany(Reading::class, 'clutch_job_id')->orderBy('seq');
    }

    /** @return HasMany<Waiver, $this> */
    public function waivers(): HasMany
    {
        return $this->hasMany(Waiver::class, 'clutch_job_id')->orderBy('id');
    }

    /** @return HasMany<Note, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(Note::class, 'clutch_job_id')->orderBy('id');
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class, 'clutch_job_id')->orderBy('id');
    }

    /**
     * A job with everything that is read to show or assess it.
     *
     * @throws ModelNotFoundException<self>
     */
    public static function whole(int $id): self
    {
        return self::query()->findOrFail($id)->loadWhole();
    }

    /** This job with everything that is read to show or assess it. */
    public function loadWhole(): self
    {
        return $this->loadRows($this->present());
    }

    /** With what a page of it is made from: of a signed job that is its file alone. */
    public function loadToShow(): self
    {
        $present = $this->present();

        return $present['signed_sheets']
            ? $this->setRelation('signedSheet', $this->signedSheet()->getResults()) : $this->loadRows($present);
    }

    /** @return array<string, mixed> which of the tables that hold nothing of most jobs hold something of this one; sets where it stands */
    private function present(): array
    {
        $asked = array_map(
            static fn (string $table): string => "exists (select 1 from {$table} where clutch_job_id = ?) as {$table}",
            $tables = [...array_keys(self::SELDOM), self::PHOTOS],
        );
        $present = (array) DB::selectOne(
            'select s.*, '.implode(', ', $asked).' from (select 1) left join job_standings s on s.clutch_job_id = ?',
            array_fill(0, count($tables) + 1, $this->id),
        );
        $standing = array_diff_key($present, array_fill_keys($tables, 1), [1 => 1]);
        $this->setRelation('standing', $standing['clutch_job_id'] === null ? null : (new JobStanding())->newFromBuilder($standing));

        return $present;
    }

    /** @param  array<string, mixed>  $present */
    private function loadRows(array $present): self
    {
        foreach (self::SELDOM as $table => $relation) {
            $this->setRelation($relation, match (true) {
                ! $present[$table] && in_array($relation, ['waivers', 'notes'], true) => new Collection(),
                ! $present[$table] => null,
                $relation === 'kitChoice' => KitChoice::query()->where('clutch_job_id', $this->id)->orderByDesc('id')->first(),
                default => $this->{$relation}()->getResults(),
            });
        }
        if (! $present[self::PHOTOS]) {
            $this->setRelation('photos', new Collection());
        }

        return $this
            ->setRelation('readings', $this->readings()->get())
            ->setRelation('vehicle', Vehicle::query()->findOrFail($this->vehicle_id));
    }

    /** With its photos, for a page that shows them. */
    public function loadPhotos(): self
    {
        return $this->relationLoaded('photos') ? $this : $this->setRelation('photos', $this->photos()->get());
    }

    /** @return HasOne<KitChoice, $this> the kit chosen last */
    public function kitChoice(): HasOne
    {
        return $this->hasOne(KitChoice::class, 'clutch_job_id')->latestOfMany();
    }

    /** @return HasOne<SignedSheet, $this> */
    public function signedSheet(): HasOne
    {
        return $this->hasOne(SignedSheet::class, 'clutch_job_id');
    }

    /** @return HasOne<JobFacts, $this> what history, plan and pages of other jobs read of it */
    public function facts(): HasOne
    {
        return $this->hasOne(JobFacts::class, 'clutch_job_id');
    }

    /** @return HasOne<JobStanding, $this> what the lists show of it */
    public function standing(): HasOne
    {
        return $this->hasOne(JobStanding::class, 'clutch_job_id');
    }

    /** How far its entries are numbered: whatever is entered next has the next number. */
    public function lastSeq(): int
    {
        $last = $this->readings->last();

        return $last instanceof Reading ? $last->seq : 0;
    }

    /** Whether it is practised on; a list that does not ask shows none of these. */
    public function isPractice(): bool
    {
        return (bool) ($this->getAttributes()['is_practice'] ?? false);
    }

    public function isSigned(): bool
    {
        return $this->signedSheet !== null;
    }

    /** Whether any row is only stated by a file that was taken in, or any is of this workshop. */
    public function holds(bool $stated): bool
    {
        foreach ([$this->readings, $this->waivers, $this->notes] as $rows) {
            foreach ($rows as $row) {
                if ((bool) ($row->getAttributes()['stated'] ?? false) === $stated) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return Collection<int, Photo> */
    public function photosOf(StripPart $part): Collection
    {
        return $this->photos->where('part', $part->value);
    }

    /** @return Collection<int, Photo> those of a station that show no part of the open clutch */
    public function photosAt(Station $station): Collection
    {
        return $this->photos->where('station', $station->value)->whereNull('part');
    }

    /** @return HasOne<PracticeJob, $this> */
    public function practice(): HasOne
    {
        return $this->hasOne(PracticeJob::class, 'clutch_job_id');
    }

    protected function casts(): array
    {
        return ['taken_in_at' => 'datetime', 'is_practice' => 'boolean', 'state' => JobState::class, 'is_open' => 'boolean'];
    }

    public function label(): string
    {
        return $this->isPractice() ? "practice {$this->id}" : self::numbered($this->id);
    }

    /** How a job is called by its number alone: J-0012. */
    public static function numbered(int $id): string
    {
        return sprintf('J-%04d', $id);
    }
}
