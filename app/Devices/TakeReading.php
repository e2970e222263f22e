<?php

declare(strict_types=1);

namespace App\Devices;

use App\Changes\RecordEntry;
use App\Models\ArmedField;
use App\Models\Device;
use App\Models\DeviceReading;
use App\Store\InTurn;
use Illuminate\Support\Carbon;
use Spindle\Assessment\Subjects;

/**
 * A reading that a device sent goes to the field that somebody armed for it, and to no other: without one, too late, or where the field
 * cannot hold it, it is kept and shown beside, and changes nothing.
 */
final class TakeReading
{
    /** Clocks of instruments go wrong by a little. */
    private const CLOCKS = 5;

    /**
     * @param  string|null  $number  the device's own number of the reading; sent twice it is the same reading
     * @param  Carbon|null  $takenAt  when it was taken, where the device says so
     */
    public static function from(Device $device, string $text, ?string $number, ?Carbon $takenAt): DeviceReading
    {
        // One turn from the field that waits to what is kept of it: two readings at once are one too many, and none is half.
        return InTurn::do(static function () use ($device, $text, $number, $takenAt): DeviceReading {
            $before = $number === null ? null
                : DeviceReading::query()->where('device_id', $device->id)->where('number', $number)->first();

            return $before ?? self::take($device, $text, $number, $takenAt);
        });
    }

    private static function take(Device $device, string $text, ?string $number, ?Carbon $takenAt): DeviceReading
    {
        $armed = ArmedField::query()->with('user')->where('device_id', $device->id)->first();
        [$outcome, $said] = match (true) {
            $armed === null => [DeviceReading::NOT_ARMED, 'No field waits for this instrument.'],
            $armed->expires_at->isPast() => [DeviceReading::LATE, 'Nobody waited for it any more.'],
            $takenAt !== null && $takenAt->lt($armed->armed_at->copy()->subSeconds(self::CLOCKS)) => [DeviceReading::LATE,
                'It was taken before the field was armed.'],
            default => self::enter($armed, $device, $text),
        };
        // What went nowhere leaves the field waiting for the next one.
        if ($armed !== null && ($outcome === DeviceReading::TAKEN || $armed->expires_at->isPast())) {
            $armed->delete();
        }

        return DeviceReading::query()->create([
            'device_id' => $device->id, 'number' => $number, 'text' => mb_substr($text, 0, 100), 'taken_at' => $takenAt,
            'outcome' => $outcome, 'said' => mb_substr($said, 0, 400),
            'clutch_job_id' => $armed?->clutch_job_id, 'field' => $armed?->field, 'position' => $armed?->position, 'at' => now(),
        ]);
    }

    /** @return array{string, string} what became of it, and what is said of it */
    private static function enter(ArmedField $armed, Device $device, string $text): array
    {
        $outcome = (new RecordEntry($armed->clutch_job_id, $armed->user, "by {$device->name}"))->record(
            Subjects::dictionary()->get($armed->field), $armed->position, $text, $armed->shown, $device->instrument,
        );

        return match (true) {
            $outcome->refusal !== '' => [DeviceReading::REFUSED, $outcome->refusal],
            ! $outcome->isKept() => [DeviceReading::REFUSED, 'Somebody else has entered something there meanwhile; it was set aside.'],
            default => [DeviceReading::TAKEN, ''],
        };
    }
}
