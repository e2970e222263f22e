<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * What this database was made for. A workshop's own has no row; the demonstration's says so, and for good.
 *
 * @property string $made_for
 * @property Carbon $at
 */
final class Installation extends Row
{
    use AppendOnly;

    public const DEMO = 'demo';

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'installation';

    protected $primaryKey = 'made_for';

    protected $keyType = 'string';

    protected $fillable = ['made_for', 'at'];

    public static function isDemo(): bool
    {
        // Asked with every request, so asked as simply as can be.
        return (bool) DB::scalar('select exists (select 1 from installation where made_for = ?)', [self::DEMO]);
    }

    /**
     * Makes an untouched database the demonstration's.
     *
     * @throws NotForTheDemo when the settings are not the demonstration's, or anybody or anything is in it already
     */
    public static function becomeDemo(): void
    {
        if (config('spindle.demo') !== true) {
            throw NotForTheDemo::bySettings();
        }
        if (User::query()->exists() || Vehicle::query()->exists() || Kit::query()->exists() || self::query()->exists()) {
            throw NotForTheDemo::inUse();
        }
        self::query()->create(['made_for' => self::DEMO, 'at' => now()]);
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
