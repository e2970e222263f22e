<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Somebody who walks a job just now, and at which place. A person walks one job at a time.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property int $user_id
 * @property string $place
 * @property Carbon $at
 * @property-read User $user
 */
final class Walker extends Row
{
    /** Not heard of for so long, somebody has stopped, in seconds. */
    private const GONE = 60;

    public $timestamps = false;

    protected $table = 'walkers';

    protected $fillable = ['clutch_job_id', 'user_id', 'place', 'at'];

    /** @return array<string, string> first names by place, of those who walk a job beside somebody */
    public static function beside(int $job, int $user): array
    {
        $names = [];
        $others = self::query()->with('user')->where('clutch_job_id', $job)->where('user_id', '!=', $user)
            ->where('at', '>', now()->subSeconds(self::GONE))->get();
        foreach ($others as $walker) {
            $names[$walker->place] = ltrim(($names[$walker->place] ?? '').', '.strtok($walker->user->name, ' '), ', ');
        }

        return $names;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
