<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Something the workshop knows better than the built-in tables: how far an instrument can be trusted, how strongly a sign
 * speaks for a cause. The last row of a name counts.
 *
 * @property int $id
 * @property string $section uncertainties or causes
 * @property string $name
 * @property string $value empty when the built-in figure counts again
 * @property string $by_name
 * @property Carbon $at
 */
final class ShopFigure extends Model
{
    use AppendOnly;

    public const UNCERTAINTIES = 'uncertainties';

    public const CAUSES = 'causes';

    public $timestamps = false;

    protected $fillable = ['section', 'name', 'value', 'by_name', 'at'];

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }

    /** @return array<string, self> the figures in force of a section, by name */
    public static function inForce(string $section): array
    {
        $last = [];
        /** @var self $figure */
        foreach (self::query()->where('section', $section)->orderBy('id')->get() as $figure) {
            $last[$figure->name] = $figure;
        }

        return array_filter($last, static fn (self $f): bool => $f->value !== '');
    }
}
