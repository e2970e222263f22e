<?php

declare(strict_types=1);

namespace App\Changes;

use App\Limits\ShopKnowledge;
use App\Models\ShopFigure;
use App\Models\User;
use App\Page\JobPage;
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

        return $row === null || $row->typed !== 'yes' || $row->user_id === null || $row->user_id === $signing->id;
    }
}
