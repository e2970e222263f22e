<?php

declare(strict_types=1);

namespace App\Audit;

use App\Models\AppendOnly;
use Illuminate\Database\Eloquent\Builder;
use Spatie\Activitylog\Models\Activity;

/** One line of the log of what happened; never changed afterwards. */
final class AuditEntry extends Activity
{
    use AppendOnly;

    public const PAGE = 50;

    public function topic(): ?Topic
    {
        return Topic::tryFrom($this->log_name ?? '');
    }

    /** Who did it, by the name of then; empty where it was nobody who was signed in. */
    public function who(): string
    {
        return $this->property('who');
    }

    /** The address it came from; empty for a command on the server. */
    public function from(): string
    {
        return $this->property('from');
    }

    private function property(string $name): string
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
        $like = static fn (string $text): string => '%'.addcslashes($text, '\\%_').'%';

        /** @var Builder<self> $query */
        $query = self::query();
        $query
            ->when($given('topic') !== '', static fn (Builder $q) => $q->where('log_name', $given('topic')))
            ->when($given('who') !== '', static fn (Builder $q) => $q->where('properties->who', $given('who')))
            ->when($given('since') !== '', static fn (Builder $q) => $q->where('created_at', '>=', $given('since').' 00:00:00'))
            ->when($given('until') !== '', static fn (Builder $q) => $q->where('created_at', '<=', $given('until').' 23:59:59'))
            ->when($given('words') !== '', static fn (Builder $q) => $q
                ->whereRaw('description like ? escape ?', [$like($given('words')), '\\']));

        return $query;
    }
}
