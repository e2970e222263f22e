<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use Spindle\Kit\EarlyOrder;
use Spindle\Quantity\Ratio;
use Spindle\Triage\Outcome;

/** The sum of ordering early for one job, where everything of it is known. */
final class EarlyOrdering
{
    public static function of(AssessedJob $page): ?EarlyOrder
    {
        $triage = $page->assessment->triage();
        $values = $page->values();
        [$return, $day] = [$values->one(Ratio::class, 'order.return_cost'), $values->one(Ratio::class, 'order.day_cost')];
        $days = $values->one(Ratio::class, 'kit.lead_days');
        if ($triage === null || $return === null || $day === null || $days === null) {
            return null;
        }

        return new EarlyOrder($triage->chanceThat(Outcome::Strip), $return->value, $days->value, $day->value);
    }
}
