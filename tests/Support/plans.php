<?php

declare(strict_types=1);

use Spindle\Planning\JobPlan;
use Spindle\Sheet\JobSheet;

/** A job with a plan, by the hours of a usual shop. */
function planned(array $plan = [], array $vehicle = ['class' => 'car', 'actuation' => 'cable'], array $more = []): JobSheet
{
    return sheetOfJson((string) json_encode(array_replace_recursive([
        'format' => 'jade-spindle/job-sheet', 'version' => 1, 'vehicle' => $vehicle, 'plan' => (object) $plan,
        'calendar' => ['zone' => 'Europe/Lisbon'],
    ], $more)));
}

/** Laid over these hours from a moment on. */
function plan(array $plan = [], string $from = '2026-11-23 08:00', array $vehicle = ['class' => 'car', 'actuation' => 'cable']): JobPlan
{
    return JobPlan::of(planned($plan, $vehicle), new DateTimeImmutable($from, new DateTimeZone('Europe/Lisbon')));
}
