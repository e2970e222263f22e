<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A figure the workshop decided on in place of a built-in limit; the last row for a name and its classes counts.
 *
 * @property int $id
 * @property string $name
 * @property string $classes
 * @property string $least
 * @property string $greatest
 * @property string $by_name
 * @property Carbon $at
 */
final class ShopLimit extends Row
{
    use AppendOnly;

    public $timestamps = false;

    protected $table = 'shop_limits';

    protected $fillable = ['name', 'classes', 'least', 'greatest', 'by_name', 'at'];

    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }

    /** As typed: "at least 2.5 mm at most 4 mm"; empty where it was withdrawn. */
    public function words(): string
    {
        return trim(($this->least === '' ? '' : "at least {$this->least} ").($this->greatest === '' ? '' : "at most {$this->greatest}"));
    }

    public function isWithdrawn(): bool
    {
        return $this->least === '' && $this->greatest === '';
    }
}
