<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\AssessedJob;
use App\Jobs\ReaderLocale;
use App\Models\Reading;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\AsLeft;

/** Readings that are taken together, again and again until they are right: each round as it was. */
final class Rounds
{
    /**
     * A round is over once something was turned and one of its readings is taken once more, or once the first is read after the work. A
     * reading taken again with nothing turned between was a slip of the pen, and counts in its round.
     *
     * @param  list<string>  $fields
     * @return list<array{values: list<string>, by: string}> the first first; what was not taken again in a round stands as before
     */
    public static function of(AssessedJob $page, array $fields): array
    {
        $rounds = [];
        $taken = [];
        $isTurned = $isAfter = false;
        $steps = self::steps($fields);
        $values = array_fill(0, count($fields), '');
        foreach ($page->job->readings as $row) {
            if (isset($steps[$row->field]) && $row->kind === Reading::ENTRY && $row->typed !== '') {
                $isTurned = true;
            }
            $isLeft = str_starts_with($row->field, AsLeft::PREFIX);
            $at = array_search($isLeft ? substr($row->field, strlen(AsLeft::PREFIX)) : $row->field, $fields, true);
            if ($at === false || $row->kind !== Reading::ENTRY || $row->typed === '') {
                continue;
            }
            if ($rounds === [] || ($isLeft && ! $isAfter) || (isset($taken[$at]) && $isTurned)) {
                $taken = [];
                [$isTurned, $isAfter] = [false, $isLeft];
                $rounds[] = ['values' => $values, 'by' => ''];
            }
            $taken[$at] = true;
            $values = array_values(array_replace($values, [$at => $row->written()]));
            array_pop($rounds);
            $rounds[] = ['values' => $values, 'by' => $row->author().', '.ReaderLocale::dateTime($row->at)];
        }

        return $rounds;
    }

    /**
     * @param  list<string>  $fields
     * @return array<string, true> what is turned or put in on the parts that these are read on
     */
    private static function steps(array $fields): array
    {
        $parts = array_map(static fn (string $field): string => explode('.', $field)[0], $fields);
        $steps = array_merge(...array_values(Subjects::dictionary()->byNature->steps()));

        return array_fill_keys(array_filter(
            $steps, static fn (string $step): bool => in_array(explode('.', $step)[0], $parts, true),
        ), true);
    }
}
