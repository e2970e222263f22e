<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\InTurn;
use Illuminate\Support\Carbon;

/**
 * Something the workshop knows better than the built-in tables: how far an instrument can be trusted, how strongly a sign
 * speaks for a cause. The last row of a name counts.
 *
 * @property int $id
 * @property string $section uncertainties, causes, or one of the rules
 * @property string $name
 * @property string $value empty when the built-in figure counts again
 * @property string $by_name
 * @property Carbon $at
 */
final class ShopFigure extends Record
{
    use AppendOnly;

    public const UNCERTAINTIES = 'uncertainties';

    public const CAUSES = 'causes';

    /** What decides about kits: figures of linings and duties, what rates a kit, how the parts of a score weigh. */
    public const RULES = ['materials', 'duties', 'rating', 'ranking', 'bleeding', self::CALENDAR, self::SIGNING];

    /** Lifts, stands, the yard: where a vehicle can stand. */
    public const PLACES = 'places';

    public const CALENDAR = 'calendar';

    public const SIGNING = 'signing';

    public $timestamps = false;

    protected $table = 'shop_figures';

    protected $fillable = ['section', 'name', 'value', 'by_name', 'at'];

    /** Writes down what counts from now on; empty where the built-in figure does again. */
    public static function set(string $section, string $name, string $value, User $by): void
    {
        InTurn::do(static fn (): self => self::query()->create([
            'section' => $section, 'name' => $name, 'value' => $value, 'by_name' => $by->name, 'at' => now(),
        ]));
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
