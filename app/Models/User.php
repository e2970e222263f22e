<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Http\Request;

/**
 * Somebody who works here: a technician, or the lead.
 *
 * @property int $id
 * @property string $name
 * @property string $login
 * @property Role $role
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $fillable = ['name', 'login', 'role', 'password'];

    protected $hidden = ['password', 'remember_token'];

    /** Who asks, provided it is the lead: shop-wide figures are set by nobody else. */
    public static function lead(Request $request): self
    {
        $user = $request->user();
        abort_unless($user instanceof self && $user->role === Role::Lead, 403, 'Only the lead sets figures for the shop.');

        return $user;
    }

    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }
}
