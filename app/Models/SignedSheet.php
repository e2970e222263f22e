<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * The frozen sheet of a signed job: the exact file, and its hash.
 *
 * @property int $id
 * @property int $clutch_job_id
 * @property string $json
 * @property string $sha256
 * @property bool $elsewhere
 * @property string $by_name
 * @property Carbon $at
 */
final class SignedSheet extends Model
{
    use AppendOnly;

    public $timestamps = false;

    protected $fillable = ['clutch_job_id', 'json', 'sha256', 'elsewhere', 'by_name', 'at'];

    /** Whether a remark is part of what was signed; if not, it was added later. */
    public function holds(Note $note): bool
    {
        $sheet = json_decode($this->json);
        $notes = is_object($sheet) && is_array($sheet->notes ?? null) ? $sheet->notes : [];

        return array_filter($notes, static fn (mixed $n): bool => is_object($n) && ($n->text ?? null) === $note->text && ($n->station ?? null) === $note->station) !== [];
    }

    protected function casts(): array
    {
        return ['at' => 'datetime', 'elsewhere' => 'boolean'];
    }
}
