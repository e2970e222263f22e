<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A reading that cannot be taken just now, and why. It comes last on the walk until it is taken, or called for again.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $field
 * @property string $why
 * @property string $by_name
 * @property Carbon $at
 */
final class PutBehind extends Row
{
    public const REASONS = [
        'instrument' => 'the instrument is not here', 'reach' => 'it cannot be reached yet', 'part' => 'the part is not here',
        'vehicle' => 'the vehicle is not here', 'helper' => 'nobody is here to help',
    ];

    public $timestamps = false;

    protected $table = 'walk_put_behind';

    protected $fillable = ['clutch_job_id', 'field', 'why', 'by_name', 'at'];

    public function words(): string
    {
        return self::REASONS[$this->why] ?? 'put behind';
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
