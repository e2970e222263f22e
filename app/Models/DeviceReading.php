<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One thing a device sent, and what became of it. All are kept, those that went nowhere too.
 *
 * @property int $id
 * @property int $device_id
 * @property string|null $number
 * @property string $text
 * @property Carbon|null $taken_at
 * @property string $outcome
 * @property string $said
 * @property int|null $clutch_job_id
 * @property string|null $field
 * @property int|null $position
 * @property Carbon $at
 * @property Device $device
 */
final class DeviceReading extends Row
{
    use AppendOnly;

    public const TAKEN = 'taken';

    public const NOT_ARMED = 'not_armed';

    public const LATE = 'late';

    public const REFUSED = 'refused';

    public $timestamps = false;

    protected $table = 'device_readings';

    protected $fillable = ['device_id', 'number', 'text', 'taken_at', 'outcome', 'said', 'clutch_job_id', 'field', 'position', 'at'];

    /** @return BelongsTo<Device, $this> */
    public function device(): BelongsTo
    {
        return $this->belongsTo(Device::class);
    }

    protected function casts(): array
    {
        return ['taken_at' => 'datetime', 'at' => 'datetime'];
    }
}
