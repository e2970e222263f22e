<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\Holding;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A vehicle and how it is found again.
 *
 * @property int $id
 * @property string $name
 * @property string $plate
 * @property string $number
 * @property string $class
 * @property string $search_text
 * @property Carbon|null $created_at
 * @property Collection<int, Job> $jobs
 */
final class Vehicle extends Row
{
    protected $table = 'vehicles';

    protected $fillable = ['name', 'plate', 'number', 'class'];

    protected static function booted(): void
    {
        self::saving(static function (Vehicle $vehicle): void {
            $vehicle->search_text = implode(' ', [
                mb_strtolower($vehicle->name),
                self::fold($vehicle->plate),
                self::fold($vehicle->number),
            ]);
        });
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        $jobs = $this->hasMany(Job::class);
        $jobs->orderByDesc('id');

        return $jobs;
    }

    /**
     * Narrows a query to vehicles whose name, plate or number holds every word searched for.
     *
     * @param  Builder<Vehicle>  $query
     */
    public static function narrow(Builder $query, string $search): void
    {
        $whole = self::fold($search);
        $query->where(function (Builder $any) use ($search, $whole): void {
            $any->where(function (Builder $all) use ($search): void {
                foreach (preg_split('/\s+/', mb_strtolower(trim($search)), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
                    Holding::word($all, 'search_text', $word);
                }
            });
            if ($whole !== '') {
                $any->orWhere(static fn (Builder $or): Builder => Holding::word($or, 'search_text', $whole));
            }
        });
    }

    /** Fewer letters and figures than these are no plate and no number that a vehicle could be found by. */
    public const LEAST = 3;

    /** The vehicle of this number, or where it has none of this plate, if there is one; of several the latest. */
    public static function known(string $plate, string $number): ?self
    {
        return self::latest($number, static fn (self $v): string => $v->number)
            ?? self::latest($plate, static fn (self $v): string => $number === '' || $v->number === '' ? $v->plate : '');
    }

    /** Whether a name is another than this vehicle has, however it is spaced. */
    public function isCalledOtherwise(string $name): bool
    {
        return self::fold($name) !== '' && self::fold($this->name) !== '' && self::fold($name) !== self::fold($this->name);
    }

    public static function isFound(string $plateOrNumber): bool
    {
        return mb_strlen(self::fold($plateOrNumber)) >= self::LEAST;
    }

    /** @param  callable(self): string  $of */
    private static function latest(string $sought, callable $of): ?self
    {
        if (! self::isFound($sought)) {
            return null;
        }
        $folded = self::fold($sought);
        $query = self::query();
        Holding::word($query, 'search_text', $folded)->orderByDesc('id');
        foreach ($query->get() as $vehicle) {
            if (self::fold($of($vehicle)) === $folded) {
                return $vehicle;
            }
        }

        return null;
    }

    /** Lower case letters and digits only, so that a plate is found however it was spaced. */
    public static function fold(string $text): string
    {
        return (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($text));
    }
}
