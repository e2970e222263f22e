<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Session;

/** Where somebody is signed in, and the end of it. */
final class Sessions
{
    /** @return list<array{id: string, address: string, browser: string, seen: Carbon, here: bool}> the latest first */
    public static function of(User $user): array
    {
        $sessions = [];
        $rows = self::areKept() ? self::table()->where('user_id', $user->id)->orderByDesc('last_activity')->limit(20)->get() : [];
        foreach ($rows as $row) {
            $sessions[] = [
                'id' => (string) $row->id,
                'address' => (string) $row->ip_address,
                'browser' => self::browser((string) $row->user_agent),
                'seen' => Carbon::createFromTimestamp((int) $row->last_activity),
                'here' => $row->id === Session::getId(),
            ];
        }

        return $sessions;
    }

    /** @return array<int, int> how many of each person are still good, by account */
    public static function counted(): array
    {
        return ! self::areKept() ? [] : self::table()
            ->whereNotNull('user_id')
            ->where('last_activity', '>=', now()->subMinutes((int) config('session.lifetime'))->timestamp)
            ->groupBy('user_id')
            ->selectRaw('user_id, count(*) as n')
            ->pluck('n', 'user_id')
            ->map(static fn (mixed $n): int => (int) $n)
            ->all();
    }

    public static function endAll(User $user): void
    {
        if (self::areKept()) {
            self::table()->where('user_id', $user->id)->delete();
        }
    }

    /** All but the one that asks for it. */
    public static function endOthers(User $user): void
    {
        if (self::areKept()) {
            self::table()->where('user_id', $user->id)->where('id', '!=', Session::getId())->delete();
        }
    }

    /** Kept elsewhere, in files for instance, nobody can tell whose they are; a changed password ends them all the same. */
    private static function areKept(): bool
    {
        return config('session.driver') === 'database';
    }

    private static function table(): \Illuminate\Database\Query\Builder
    {
        return DB::connection(config('session.connection'))->table('sessions');
    }

    /** The kind of browser and what it runs on, as far as it says so. */
    private static function browser(string $agent): string
    {
        $first = static fn (array $words): string => (string) array_find($words, static fn (string $w): bool => str_contains($agent, $w));
        $words = array_filter([
            $first(['Firefox', 'Edg', 'Chrome', 'Safari']), $first(['Android', 'iPad', 'iPhone', 'Windows', 'Mac OS', 'Linux']),
        ]);

        return $words === [] ? 'unknown browser' : implode(', ', $words);
    }
}
