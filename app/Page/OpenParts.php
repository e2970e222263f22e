<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use Spindle\Assessment\StripPart;

/** Which parts stand open when the strip page is shown: the one asked for, where work goes on, and where an entry was refused. */
final class OpenParts
{
    /** @return list<StripPart> */
    public static function of(AssessedJob $page, Entries $entries): array
    {
        $parts = StripPart::on($page->sheet);
        $asked = array_filter($parts, static fn (StripPart $part): bool => $part->value === request()->query('part'));
        $toDo = array_filter($parts, static fn (StripPart $part): bool => ! $part->isLookedAt($page->sheet));
        $refused = array_filter($parts, static fn (StripPart $part): bool => $entries->hasRefusalIn("{$part->value}."));

        return array_values(match (true) {
            $refused !== [] => $refused,
            $asked !== [] => $asked,
            default => array_slice($toDo === [] ? $parts : $toDo, 0, 1),
        });
    }
}
