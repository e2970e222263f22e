<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use App\Models\Reading;
use Spindle\Sheet\AsLeft;

/** Readings that are taken together, again and again until they are right: each round as it was. */
final class Rounds
{
    /**
     * A round is over when one of its readings is taken once more, or the work has been done.
     *
     * @param  list<string>  $fields
     * @return list<array{values: list<string>, by: string}> the first first; what was not taken again in a round stands as before
     */
    public static function of(AssessedJob $page, array $fields): array
    {
        $rounds = [];
        $taken = [];
        $values = array_fill(0, count($fields), '');
        foreach ($page->job->readings as $row) {
            $isLeft = str_starts_with($row->field, AsLeft::PREFIX);
            $at = array_search($isLeft ? substr($row->field, strlen(AsLeft::PREFIX)) : $row->field, $fields, true);
            if ($at === false || $row->kind !== Reading::ENTRY || $row->typed === '') {
                continue;
            }
            if (isset($taken[$at]) || $taken === []) {
                $taken = [];
                $rounds[] = ['values' => $values, 'by' => ''];
            }
            $taken[$at] = true;
            $values = array_values(array_replace($values, [$at => $row->written()]));
            array_pop($rounds);
            $rounds[] = ['values' => $values, 'by' => $row->author().', '.ReaderLocale::dateTime($row->at)];
        }

        return $rounds;
    }
}
