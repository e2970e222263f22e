<?php

declare(strict_types=1);

namespace App\Changes;

use App\Limits\ShopKnowledge;
use App\Models\Reading;
use App\Models\ShopFigure;
use App\Models\User;
use App\Models\Waiver;
use App\Page\JobPage;
use Illuminate\Support\Carbon;
use Spindle\Record\RecordSubject;

/** Where the shop wants it, a second person looks a job over before it is signed: somebody else than who signs. */
final class SecondLook
{
    public static function isWanted(): bool
    {
        return (ShopKnowledge::rule(ShopFigure::SIGNING)->second ?? 'no') === 'yes';
    }

    public static function isMissing(JobPage $page, User $signing): bool
    {
        if (! self::isWanted()) {
            return false;
        }
        $row = $page->current->row(RecordSubject::CHECKED, 0);

        return $row === null || $row->typed !== 'yes' || $row->user_id === null || $row->user_id === $signing->id
            || self::hasLapsed($page);
    }

    /** It holds for what was looked at: an entry, a kit or a waiver after it wants another look. */
    public static function hasLapsed(JobPage $page): bool
    {
        $look = $page->current->row(RecordSubject::CHECKED, 0);
        if ($look === null || $look->typed !== 'yes') {
            return false;
        }
        $isLater = static fn (?Carbon $at): bool => $at !== null && $at->gt($look->at);

        return $page->job->readings->contains(static fn (Reading $r): bool => $r->seq > $look->seq
                && ! in_array($r->field, [RecordSubject::CHECKED, RecordSubject::PHOTOS], true))
            || $isLater($page->job->kitChoice?->at) || $page->job->waivers->contains(static fn (Waiver $w): bool => $isLater($w->at));
    }
}
