<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A maker's figure for one make and model, as it was entered; the last row of a field counts.
 *
 * @property int $id
 * @property string $model
 * @property string $written
 * @property string $field
 * @property string $value empty when the figure was taken out of the book
 * @property string $by_name
 * @property string $checked_by the lead who entered or confirmed it; empty while nobody has
 * @property Carbon $at
 */
final class ModelFigure extends Row
{
    use AppendOnly;

    public $timestamps = false;

    protected $table = 'model_figures';

    protected $fillable = ['model', 'written', 'field', 'value', 'by_name', 'at', 'checked_by'];

    protected $attributes = ['checked_by' => ''];

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
