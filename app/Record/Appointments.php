<?php

declare(strict_types=1);

namespace App\Record;

use App\Page\JobPage;
use DateInterval;
use DateTimeImmutable;
use Sabre\VObject\Component\VCalendar;
use Spindle\Proving\ProvingFields;

/** What is due of a job as a calendar file, RFC 5545: the promise, and the next look at the vehicle. Whole days, for any calendar. */
final class Appointments
{
    /** @return VCalendar|null nothing where no day is known */
    public static function of(JobPage $page): ?VCalendar
    {
        $calendar = new VCalendar(['PRODID' => '-//Jade Spindle//Clutch service//EN']);
        $vehicle = trim($page->job->vehicle->name.' '.$page->job->vehicle->plate);
        foreach ([
            'promise' => [$page->values()->word('promised_on'), "Ready: {$vehicle}"],
            'check' => [$page->values()->word(ProvingFields::RECHECK_ON), "Clutch to be looked at again: {$vehicle}"],
        ] as $kind => [$day, $summary]) {
            $on = is_string($day) && strlen($day) === 10 ? DateTimeImmutable::createFromFormat('!Y-m-d', $day) : false;
            if ($on !== false) {
                $calendar->add('VEVENT', [
                    'UID' => "{$kind}-{$page->job->id}@jade-spindle", 'DTSTAMP' => $page->job->updated_at->toDateTimeImmutable(),
                    'SUMMARY' => $summary, 'DESCRIPTION' => $page->job->label(),
                    $calendar->createProperty('DTSTART', $on->format('Ymd'), ['VALUE' => 'DATE']),
                    $calendar->createProperty('DTEND', $on->add(new DateInterval('P1D'))->format('Ymd'), ['VALUE' => 'DATE']),
                ]);
            }
        }

        return isset($calendar->VEVENT) ? $calendar : null;
    }
}
