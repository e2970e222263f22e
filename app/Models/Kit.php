<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A kit of the shelf: what is searched and sieved, in base units. The rest stands beside it.
 *
 * @property int $id
 * @property int|null $supplier_id
 * @property string $number
 * @property string $name
 * @property float|null $price
 * @property string|null $currency
 * @property int|null $lead_days
 * @property KitDetail|null $detail
 * @property Supplier|null $supplier
 */
final class Kit extends Row
{
    protected $table = 'kits';

    protected $guarded = ['id'];

    /** @return HasOne<KitDetail, $this> */
    public function detail(): HasOne
    {
        return $this->hasOne(KitDetail::class);
    }

    /** @return BelongsTo<Supplier, $this> */
    public function supplier(): BelongsTo
    {
        return $this->belongsTo(Supplier::class);
    }
}
