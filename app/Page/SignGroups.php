<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Triage\Signs;
use Spindle\Triage\TriageOfSheet;

/** The signs that can be ticked: those this vehicle can show, and what was ticked all the same. */
final class SignGroups
{
    /**
     * @param  string  $key  of the reading that is ticked: the signs that are there, or that are not
     * @return array<string, array<string, string>> in words, by group and sign
     */
    public static function of(Entries $entries, string $key): array
    {
        $situation = TriageOfSheet::situation($entries->job->sheet);
        $place = $entries->form($key)->place(0);

        return array_filter(array_map(static fn (array $signs): array => array_filter(
            $signs, static fn (string $sign): bool => $situation->canShow($sign) || $place->has($sign), ARRAY_FILTER_USE_KEY,
        ), Signs::groups()));
    }
}
