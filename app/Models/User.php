<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Foundation\Auth\User as Authenticatable;

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

    public function isLead(): bool
    {
        return $this->role === Role::Lead;
    }

    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }
}
