<?php

declare(strict_types=1);

namespace App\Models;

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
final class Vehicle extends Record
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
                    $all->where('search_text', 'like', '%'.addcslashes($word, '%_\\').'%');
                }
            });
            if ($whole !== '') {
                $any->orWhere('search_text', 'like', '%'.$whole.'%');
            }
        });
    }

    /** The vehicle of this plate or number, if there is one. */
    public static function known(string $plate, string $number): ?self
    {
        $query = self::query();
        self::narrow($query, $number !== '' ? $number : $plate);
        foreach ($query->get() as $vehicle) {
            $same =
                $number !== ''
                    ? self::fold($vehicle->number) === self::fold($number)
                    : $plate !== '' && self::fold($vehicle->plate) === self::fold($plate);
            if ($same) {
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
