<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A supplier's list on its way to the shelf: uploaded, then read row by row beside the shelf, then taken all at once or dropped.
 *
 * @property int $id
 * @property int $supplier_id
 * @property string $file_name as it was called where it came from
 * @property string $file where it lies until it is taken, in a name of its own
 * @property string $sha256
 * @property string $state
 * @property array<string, mixed> $form how the list is written
 * @property array<string, mixed>|null $map how its columns are read
 * @property int $offset bytes read so far
 * @property int $size
 * @property int $line the next line to read
 * @property int $rows_read
 * @property int $rows_new
 * @property int $rows_changed
 * @property int $rows_same
 * @property int $rows_bad
 * @property string $by_name
 * @property Carbon $created_at
 * @property Supplier $supplier
 */
final class KitImport extends Row
{
    public const MAPPING = 'mapping';

    public const READING = 'reading';

    public const READ = 'read';

    public const TAKEN = 'taken';

    public const DROPPED = 'dropped';

    protected $table = 'kit_imports';

    protected $guarded = ['id'];

    protected $attributes = ['offset' => 0, 'line' => 0, 'rows_read' => 0, 'rows_new' => 0, 'rows_changed' => 0, 'rows_same' => 0,
        'rows_bad' => 0];

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }

    /** @return HasMany<KitImportError, $this> */
    public function errors(): HasMany
    {
        return $this->hasMany(KitImportError::class);
    }

    public function isOpen(): bool
    {
        return in_array($this->state, [self::MAPPING, self::READING, self::READ], true);
    }

    /** How far it has come, in words. */
    public function stands(): string
    {
        return match ($this->state) {
            self::MAPPING => 'columns to be said',
            self::READING => 'being read',
            self::READ => 'read, not taken',
            default => $this->state,
        };
    }

    protected function casts(): array
    {
        return ['form' => 'array', 'map' => 'array'];
    }

    /** Kits that are not on the shelf as the list has them. */
    public function rowsToTake(): int
    {
        return $this->rows_new + $this->rows_changed;
    }

    /** How much of the file has been read, in per cent. */
    public function percentRead(): int
    {
        return $this->size > 0 ? min(100, (int) round(100 * $this->offset / $this->size)) : 100;
    }
}
