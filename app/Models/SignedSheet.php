<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The frozen sheet of a signed job: the exact file, and its hash.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $json
 * @property string $sha256
 * @property bool $elsewhere
 * @property string $sha256_as_signed of the file that was signed, where the vehicle's identity was taken out of it since
 * @property Carbon|null $erased_at when that was
 * @property string $by_name
 * @property Carbon $at
 * @property-read Job $job
 */
final class SignedSheet extends Row
{
    use AppendOnly;

    public $timestamps = false;

    protected $table = 'signed_sheets';

    protected $fillable = ['clutch_job_id', 'json', 'sha256', 'elsewhere', 'by_name', 'at'];

    protected $attributes = ['sha256_as_signed' => '', 'erased_at' => null];

    /** Whether the file is still the one that was signed: its SHA-256 (FIPS 180-4) is the one noted then. */
    public function isWhole(): bool
    {
        return hash_equals($this->sha256, hash('sha256', $this->json));
    }

    /** Who signed, for a reader; a signature that only a file states is not this workshop's. */
    public function author(): string
    {
        return $this->elsewhere ? "“{$this->by_name}”, as the file states" : $this->by_name;
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class, 'clutch_job_id');
    }

    protected function casts(): array
    {
        return ['at' => 'datetime', 'erased_at' => 'datetime', 'elsewhere' => 'boolean'];
    }
}
