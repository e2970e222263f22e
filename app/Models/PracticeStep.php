<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * One thing that was done at a practice vehicle beside entering it: read off, asked, a caution taken note of, the tell-tale looked at.
 *
 * @property int $practice_job_id
 * @property string $kind
 * @property string $what
 * @property int $minutes
 * @property Carbon $at
 */
final class PracticeStep extends Row
{
    use AppendOnly;

    public const READ = 'read';

    public const HURRIED = 'hurried';

    public const ASKED = 'asked';

    public const CAUTION = 'caution';

    public const LOOKED = 'looked';

    /** A caution that nobody had taken note of when hands went in there. */
    public const PASSED_OVER = 'passed_over';

    public $timestamps = false;

    protected $table = 'practice_steps';

    protected $fillable = ['practice_job_id', 'kind', 'what', 'minutes', 'at'];

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
