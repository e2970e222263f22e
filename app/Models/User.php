<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Carbon;

/**
 * Somebody who works here: a technician, or the lead.
 *
 * @property int $id
 * @property string $name
 * @property string $login
 * @property Role $role
 * @property string $password
 * @property Carbon|null $disabled_at
 * @property Carbon|null $first_password_until a password that somebody else knows; until then it can be exchanged for one's own
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    use Mended;

    protected $table = 'users';

    protected $fillable = ['name', 'login', 'role', 'password', 'disabled_at', 'first_password_until'];

    protected $attributes = ['remember_token' => null, 'disabled_at' => null, 'first_password_until' => null];

    protected $hidden = ['password', 'remember_token'];

    protected static function booted(): void
    {
        self::saving(static function (self $user): void {
            $user->setAttribute('name_key', self::nameKey($user->name));
        });
    }

    /** By which two names are the same. */
    public static function nameKey(string $name): string
    {
        return mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $name)));
    }

    public function isLead(): bool
    {
        return $this->role === Role::Lead;
    }

    /** @return Builder<self> accounts that are not disabled */
    public static function active(): Builder
    {
        return self::query()->whereNull('disabled_at');
    }

    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed', 'disabled_at' => 'datetime', 'first_password_until' => 'datetime'];
    }
}
