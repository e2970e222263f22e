<?php

declare(strict_types=1);

namespace App\Files;

use App\Board\ChecksDue;
use App\Jobs\AssessedJob;
use App\Models\Job;
use DateInterval;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;
use Spindle\Proving\ProvingFields;

/** What is due of a job as a calendar file, RFC 5545: the promise, and the next look at the vehicle. Whole days, for any calendar. */
final class Appointments
{
    private const PRODUCT = '-//Jade Spindle//Clutch service//EN';

    /** @return VCalendar|null nothing where no day is known */
    public static function of(AssessedJob $page): ?VCalendar
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT]);
        $vehicle = trim($page->job->vehicle->name.' '.$page->job->vehicle->plate);
        foreach ([
            'promise' => [$page->values()->word('promised_on'), "Ready: {$vehicle}"],
            'check' => [$page->values()->word(ProvingFields::RECHECK_ON), "Clutch to be looked at again: {$vehicle}"],
        ] as $kind => [$day, $summary]) {
            self::put($calendar, "{$kind}-{$page->job->id}", $day ?? '', $summary, $page->job);
        }

        return isset($calendar->VEVENT) ? $calendar : null;
    }

    /**
     * Everything that is promised, and what is to be looked at again, of the whole shop.
     *
     * @param  iterable<Job>  $promised
     * @param  list<ChecksDue>  $due
     */
    public static function ofShop(iterable $promised, array $due): VCalendar
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT]);
        foreach ($promised as $job) {
            self::put($calendar, "promise-{$job->id}", $job->promised_on ?? '',
                trim("Ready: {$job->vehicle->name} {$job->vehicle->plate}"), $job);
        }
        foreach ($due as $one) {
            self::put($calendar, "check-{$one->facts->clutch_job_id}", $one->on->format('Y-m-d'),
                trim("Clutch to be looked at again: {$one->vehicle->name} {$one->vehicle->plate}"), $one->facts->job);
        }

        return $calendar;
    }

    /** A whole day; of a month or a year nobody can be told. */
    private static function put(VCalendar $calendar, string $id, string $day, string $summary, Job $job): void
    {
        $on = strlen($day) === 10 ? DateTimeImmutable::createFromFormat('!Y-m-d', $day) : false;
        if ($on !== false) {
            $calendar->add('VEVENT', [
                'UID' => "{$id}@jade-spindle", 'DTSTAMP' => $job->updated_at->toDateTimeImmutable(),
                'SUMMARY' => $summary, 'DESCRIPTION' => $job->label(),
                $calendar->createProperty('DTSTART', $on->format('Ymd'), ['VALUE' => 'DATE']),
                $calendar->createProperty('DTEND', $on->add(new DateInterval('P1D'))->format('Ymd'), ['VALUE' => 'DATE']),
            ]);
        }
    }
}
