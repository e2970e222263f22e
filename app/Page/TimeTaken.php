<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Models\Reading;
use Spindle\Quantity\Duration;

/** How long a thing took, from the first of its entries to the last. */
final class TimeTaken
{
    /** @param  list<string>  $fields  nothing before there are two entries of them */
    public static function by(AssessedJob $page, array $fields): ?Duration
    {
        $times = [];
        foreach ($page->job->readings as $row) {
            if ($row->kind === Reading::ENTRY && $row->typed !== '' && in_array($row->field, $fields, true)) {
                $times[] = $row->at->getTimestamp();
            }
        }

        return count($times) < 2 ? null : Duration::seconds(max($times) - min($times));
    }
}
