<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Spindle\Inspection\WhileOpen\LabourRate;
use Spindle\Offer\OfferRules;
use Spindle\Record\Shop;

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
final class ShopFigure extends Row
{
    use AppendOnly;

    public const UNCERTAINTIES = 'uncertainties';

    public const CAUSES = 'causes';

    /** What decides about kits: figures of linings and duties, what rates a kit, how the parts of a score weigh. */
    public const RULES = [self::MATERIALS, 'duties', 'rating', 'ranking', 'bleeding', self::CALENDAR, self::SIGNING, Shop::NAME,
        LabourRate::NAME, OfferRules::NAME];

    /** Lifts, stands, the yard: where a vehicle can stand. */
    public const PLACES = 'places';

    public const MATERIALS = 'materials';

    public const CALENDAR = 'calendar';

    public const SIGNING = 'signing';

    /** What of the set-up was left for later. */
    public const SET_UP = 'set_up';

    public $timestamps = false;

    protected $table = 'shop_figures';

    protected $fillable = ['section', 'name', 'value', 'by_name', 'at'];

    /** Nothing that is stored follows these: a plan, the board and a signature are worked out when they are looked at. */
    private const FOLLOWED_BY_NOTHING = [self::PLACES, self::CALENDAR, self::SIGNING, Shop::NAME, OfferRules::NAME,
        self::SET_UP];

    /** Whether what open jobs stand at follows a section; so it does of whatever is not known to move nothing. */
    public static function movesJobs(string $section): bool
    {
        return ! in_array($section, self::FOLLOWED_BY_NOTHING, true);
    }

    /** Whether what kits are sieved by follows it. */
    public static function movesShelf(string $section): bool
    {
        return $section === self::MATERIALS;
    }

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }
}
