<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Limits\ShopBooks;
use App\Models\Job;
use App\Models\Reading;
use App\Models\ShopFigure;
use App\Models\User;
use App\Models\Waiver;
use App\Readings\CurrentReadings;
use Illuminate\Support\Carbon;
use Spindle\Record\RecordSubject;

/** A shop may want a second person to look a job over before it is signed: somebody else than who signs. */
final class SecondLook
{
    public static function isWanted(): bool
    {
        return ShopBooks::now()->value(ShopFigure::SIGNING, 'second') === 'yes';
    }

    /** Whether somebody of the workshop looked, and nothing changed since. */
    public static function isThere(Job $job, CurrentReadings $current): bool
    {
        $row = $current->row(RecordSubject::CHECKED, 0);

        return $row !== null && $row->typed === 'yes' && $row->user_id !== null && ! self::hasLapsed($job, $current);
    }

    /** Whether it is one's own: nobody is their own second person. */
    public static function isBy(CurrentReadings $current, User $signing): bool
    {
        return self::isWanted() && $current->row(RecordSubject::CHECKED, 0)?->user_id === $signing->id;
    }

    /** It holds for what was looked at: an entry, a kit or a waiver after it wants another look. */
    public static function hasLapsed(Job $job, CurrentReadings $current): bool
    {
        $look = $current->row(RecordSubject::CHECKED, 0);
        if ($look === null || $look->typed !== 'yes') {
            return false;
        }
        $isLater = static fn (?Carbon $at): bool => $at !== null && $at->gt($look->at);

        return $job->readings->contains(static fn (Reading $r): bool => $r->seq > $look->seq
                && ! in_array($r->field, [RecordSubject::CHECKED, RecordSubject::PHOTOS], true))
            || $isLater($job->kitChoice?->at) || $job->waivers->contains(static fn (Waiver $w): bool => $isLater($w->at));
    }
}
