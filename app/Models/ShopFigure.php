<?php

declare(strict_types=1);

namespace App\Models;

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
    public const RULES = [self::MATERIALS, 'duties', 'rating', 'ranking', 'bleeding', self::CALENDAR, self::SIGNING];

    /** Lifts, stands, the yard: where a vehicle can stand. */
    public const PLACES = 'places';

    public const MATERIALS = 'materials';

    public const CALENDAR = 'calendar';

    public const SIGNING = 'signing';

    public $timestamps = false;

    protected $table = 'shop_figures';

    protected $fillable = ['section', 'name', 'value', 'by_name', 'at'];

    /** What stands stored and follows a section: what jobs stand at, and what kits are sieved by. A plan is worked out when looked at. */
    private const MOVES = [
        'jobs' => [self::UNCERTAINTIES, self::CAUSES, self::MATERIALS, 'duties', 'rating', 'ranking', 'bleeding'],
        'shelf' => [self::MATERIALS],
    ];

    public static function moves(string $section, string $what): bool
    {
        return in_array($section, self::MOVES[$what], true);
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
