<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\AppendOnly;
use App\Models\Mended;
use App\Models\User;
use App\Store\Holding;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Spatie\Activitylog\Models\Activity;

/** One line of the log of what happened; never changed afterwards. */
final class AuditEntry extends Activity
{
    use AppendOnly, Mended;

    public const PAGE = 50;

    public function topic(): ?LogTopic
    {
        return LogTopic::tryFrom($this->log_name ?? '');
    }

    /** Who did it, by the name of then; empty where it was nobody who was signed in. */
    public function who(): string
    {
        return $this->fact('who');
    }

    /** The address it came from; empty for a command on the server. */
    public function from(): string
    {
        return $this->fact('from');
    }

    /**
     * What was written down about some jobs or vehicles.
     *
     * @param  class-string  $class
     * @param  list<int>  $ids
     * @return Collection<int, self> the earliest first
     */
    public static function about(string $class, array $ids): Collection
    {
        /** @var Builder<self> $query */
        $query = self::query();
        $query->where('subject_type', $class)->whereIn('subject_id', $ids);

        return $query->orderBy('id')->get();
    }

    /** Whether an account was used from an address within so many days. */
    public static function signedInFrom(User $user, string $address, int $days): bool
    {
        /** @var Builder<self> $query */
        $query = self::query();

        return $query->where('subject_type', User::class)->where('subject_id', $user->id)
            ->where('created_at', '>=', now()->subDays($days))
            ->where('properties->'.AuditLog::SIGNED_IN_FROM, $address)
            ->exists();
    }

    /** A fact kept with it and not said; empty where there is none of this name. */
    public function fact(string $name): string
    {
        $value = $this->properties?->get($name);

        return is_string($value) ? $value : '';
    }

    /**
     * @param  array{topic?: string|null, who?: string|null, since?: string|null, until?: string|null, words?: string|null}  $sieve
     * @return Builder<self>
     */
    public static function sieved(array $sieve): Builder
    {
        $given = static fn (string $name): string => trim($sieve[$name] ?? '');

        /** @var Builder<self> $query */
        $query = self::query();
        $query
            ->when($given('topic') !== '', static fn (Builder $q) => $q->where('log_name', $given('topic')))
            ->when($given('who') !== '', static fn (Builder $q) => $q->where('properties->who', $given('who')))
            ->when($given('since') !== '', static fn (Builder $q) => $q->where('created_at', '>=', $given('since').' 00:00:00'))
            ->when($given('until') !== '', static fn (Builder $q) => $q->where('created_at', '<=', $given('until').' 23:59:59'))
            ->when($given('words') !== '', static fn (Builder $q): Builder => Holding::word($q, 'description', $given('words')));

        return $query;
    }
}
