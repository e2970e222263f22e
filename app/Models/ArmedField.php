<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

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
final class ArmedField extends Record
{
    public $timestamps = false;

    protected $fillable = ['device_id', 'user_id', 'clutch_job_id', 'field', 'position', 'shown', 'armed_at', 'expires_at'];

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

    protected function casts(): array
    {
        return ['armed_at' => 'datetime', 'expires_at' => 'datetime'];
    }
}
