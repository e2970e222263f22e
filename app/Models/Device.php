<?php

declare(strict_types=1);

namespace App\Models;

use App\Store\InTurn;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as AuthenticatableContract;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\HasApiTokens;
use Spindle\Limit\Instrument;

/**
 * An instrument that sends its readings itself.
 *
 * @property int $id
 * @property string $name
 * @property Instrument $instrument
 * @property string $by_name
 * @property Carbon|null $revoked_at
 */
final class Device extends Row implements AuthenticatableContract
{
    use Authenticatable;

    /** @use HasApiTokens<DeviceToken> */
    use HasApiTokens;

    protected $table = 'devices';

    protected $fillable = ['name', 'instrument', 'by_name', 'revoked_at'];

    /** @return array{self, string} a new one, and its token in plain, to be shown once */
    public static function withToken(string $name, Instrument $instrument, User $by): array
    {
        return InTurn::do(static function () use ($name, $instrument, $by): array {
            $device = self::query()->create(['name' => $name, 'instrument' => $instrument, 'by_name' => $by->name]);

            return [$device, $device->createToken('readings')->plainTextToken];
        });
    }

    /** It sends nothing any more. */
    public function revoke(): void
    {
        InTurn::do(function (): void {
            $this->tokens()->delete();
            ArmedField::query()->where('device_id', $this->id)->delete();
            $this->update(['revoked_at' => now()]);
        });
    }

    protected function casts(): array
    {
        return ['instrument' => Instrument::class, 'revoked_at' => 'datetime'];
    }
}
