<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\InTurn;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Spindle\Assessment\Subjects;

/**
 * The one field that the next reading of a device goes to, as long as somebody waits for it.
 *
 * @property int $id
 * @property int $device_id
 * @property int $user_id
 * @property int $clutch_job_id
 * @property string $field
 * @property int $position
 * @property int $shown the row that stood there when it was armed
 * @property Carbon $armed_at
 * @property Carbon $expires_at
 * @property Device $device
 * @property User $user
 */
final class ArmedField extends Row
{
    /** So long a field waits. */
    private const SECONDS = 90;

    public $timestamps = false;

    protected $table = 'armed_fields';

    protected $fillable = ['device_id', 'user_id', 'clutch_job_id', 'field', 'position', 'shown', 'armed_at', 'expires_at'];

    /** What is waited for, as one says it. */
    public function spoken(): string
    {
        return Subjects::dictionary()->get($this->field)->spoken();
    }

    /** @return BelongsTo<Device, $this> */
    public function device(): BelongsTo
    {
        return $this->belongsTo(Device::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** The next reading of a device goes to this field; one person has one that waits. */
    public static function arm(User $by, int $device, Job $job, string $field, int $position, int $shown): void
    {
        InTurn::do(static function () use ($by, $device, $job, $field, $position, $shown): void {
            self::query()->where('user_id', $by->id)->delete();
            self::query()->updateOrCreate(['device_id' => $device], [
                'user_id' => $by->id, 'clutch_job_id' => $job->id, 'field' => $field, 'position' => $position, 'shown' => $shown,
                'armed_at' => now(), 'expires_at' => now()->addSeconds(self::SECONDS),
            ]);
        });
    }

    public static function disarm(User $by, Job $job): void
    {
        InTurn::do(static fn (): mixed => self::query()->where('user_id', $by->id)->where('clutch_job_id', $job->id)->delete());
    }

    protected function casts(): array
    {
        return ['armed_at' => 'datetime', 'expires_at' => 'datetime'];
    }
}
