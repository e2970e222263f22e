<?php

declare(strict_types=1);

namespace App\Page;

use App\Models\ArmedField;
use App\Models\Device;
use App\Models\DeviceReading;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The instruments that send by themselves, what waits for one of them on a job, and what went astray there. */
final readonly class DeviceList
{
    /**
     * @param  Collection<int, Device>  $inUse
     * @param  DeviceReading|null  $strayed  sent last for this job, and gone nowhere
     * @param  int  $last  the number of what was sent last for this job
     */
    private function __construct(
        public Collection $inUse,
        public ?ArmedField $armed,
        public ?DeviceReading $strayed,
        public int $last,
    ) {
    }

    /** @return Collection<int, Device> */
    public static function all(): Collection
    {
        return Device::query()->whereNull('revoked_at')->orderBy('name')->get();
    }

    public static function of(int $job, int $user): self
    {
        // Most shops have none: no model is made to find that out.
        if (DB::table('devices')->whereNull('revoked_at')->doesntExist()) {
            return new self(new Collection, null, null, 0);
        }
        $devices = self::all();
        $last = DeviceReading::query()->with('device')->where('clutch_job_id', $job)->orderByDesc('id')->first();
        $isStray = $last !== null && $last->outcome !== DeviceReading::TAKEN && $last->at->gte(now()->subMinutes(2));

        return new self(
            $devices,
            ArmedField::query()->with('device')->where('clutch_job_id', $job)->where('user_id', $user)
                ->where('expires_at', '>', now())->first(),
            $isStray ? $last : null, $last->id ?? 0,
        );
    }

    /** @return Collection<int, DeviceReading> what came last, of all of them */
    public static function came(int $most): Collection
    {
        return DeviceReading::query()->with('device')->orderByDesc('id')->limit($most)->get();
    }
}
