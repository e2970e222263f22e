<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Audit\AuditEntry;
use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\RateLimiter;

/**
 * How often somebody may try to sign in. A try is counted before it is looked at, so that fifty at once are fifty; one that got in is
 * taken out again. What is counted stands beside the shop's own file.
 */
final readonly class SignInTries
{
    /** Tries a minute for one name from one address, and for one address whatever the name. */
    private const FOR_NAME_FROM_ADDRESS = 6;

    private const FROM_ADDRESS = 30;

    /** Tries an hour for one name from wherever. Source: OWASP ASVS 4.0.3, 2.2.1, at most a hundred (from memory). */
    private const FOR_NAME = 60;

    /** Days for which an address is remembered as one that the account was used from. */
    private const KNOWN_DAYS = 90;

    private string $name;

    public function __construct(private string $login, private string $address)
    {
        $this->name = hash('sha256', $login);
    }

    /** @return int|null seconds to wait, where there were too many */
    public function begin(): ?int
    {
        $wait = null;
        foreach ($this->counters() as $counter => [$most, $seconds]) {
            if (RateLimiter::hit($counter, $seconds) > $most) {
                $wait = max($wait ?? 1, RateLimiter::availableIn($counter));
            }
        }

        return $wait;
    }

    /** It was the right password. */
    public function succeeded(): void
    {
        foreach (array_keys($this->counters()) as $i => $counter) {
            $i === 0 ? RateLimiter::clear($counter) : RateLimiter::decrement($counter);
        }
    }

    /** Whoever knows the password can try again at once, from wherever. */
    public static function free(User $user): void
    {
        $name = hash('sha256', $user->login);
        Cache::store((string) config('cache.limiter'))->forever(self::freed($name), bin2hex(random_bytes(8)));
    }

    /** Whether somebody guesses at this name so often that it is held back where it was not used before. */
    public static function isHeldBack(User $user): bool
    {
        return RateLimiter::tooManyAttempts(self::forName(hash('sha256', $user->login)), self::FOR_NAME);
    }

    /** @return array<string, array{int, int}> most and seconds, by counter */
    private function counters(): array
    {
        $here = self::forName($this->name)."|{$this->address}";

        return [
            $here => [self::FOR_NAME_FROM_ADDRESS, 60],
            "sign-in:{$this->address}" => [self::FROM_ADDRESS, 60],
            // Somebody who guesses from elsewhere does not keep the owner out who comes from where they always come from.
            $this->isKnownHere() ? "{$here}|hour" : self::forName($this->name) => [self::FOR_NAME, 3600],
        ];
    }

    private function isKnownHere(): bool
    {
        $user = User::query()->where('login', $this->login)->first(['id']);

        return $user !== null && AuditEntry::signedInFrom($user, $this->address, self::KNOWN_DAYS);
    }

    private static function forName(string $name): string
    {
        $freed = Cache::store((string) config('cache.limiter'))->get(self::freed($name));

        return 'sign-in:'.(is_string($freed) ? "{$freed}:" : '').$name;
    }

    private static function freed(string $name): string
    {
        return "sign-in.freed:{$name}";
    }
}
