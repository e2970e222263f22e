<?php

declare(strict_types=1);

namespace App\Limits;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Spindle\Capacity\Material;
use Spindle\Capacity\ShopWear;
use Spindle\Demand\Duty;

/** How linings wear in this shop, as a sheet holds it: from its own signed jobs, worked out anew when another one says something. */
final class LiningWear
{
    private const SECONDS = 86_400;

    private const BETWEEN = '.';

    /** What the jobs of a lining in a duty stand under. */
    public static function name(Material $material, Duty $duty): string
    {
        return $material->value.self::BETWEEN.$duty->value;
    }

    /** Nothing while no job says anything. */
    public static function section(): ?\stdClass
    {
        return ShopBooks::now()->remembered('wear', static function (): array {
            $seen = DB::table('job_facts')->whereNotNull('wear_of');
            $state = "{$seen->count()}:{$seen->sum('wear_k')}";
            if (str_starts_with($state, '0:')) {
                return [null];
            }
            $known = Cache::get('wear of linings');
            if (! is_array($known) || ($known['state'] ?? '') !== $state) {
                $known = ['state' => $state, 'wear' => json_encode(ShopWear::sum(self::jobs()), JSON_THROW_ON_ERROR)];
                Cache::put('wear of linings', $known, self::SECONDS);
            }

            return [json_decode((string) $known['wear'], false, 8, JSON_THROW_ON_ERROR)];
        })[0];
    }

    /** @return list<array{Material, Duty, float}> */
    private static function jobs(): array
    {
        $jobs = [];
        foreach (DB::table('job_facts')->whereNotNull('wear_of')->select(['wear_of', 'wear_k'])->cursor() as $row) {
            [$material, $duty] = explode(self::BETWEEN, (string) $row->wear_of);
            $jobs[] = [Material::from($material), Duty::from($duty), (float) $row->wear_k];
        }

        return $jobs;
    }
}
