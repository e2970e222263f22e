<?php

declare(strict_types=1);

namespace Spindle\Practice;

use Spindle\Assessment\Subjects;
use Spindle\Sheet\Document;
use Spindle\Sheet\Field;
use Spindle\Sheet\Origin;

/**
 * What is known of a practice vehicle when it comes in: what its papers and its maker say, and what the customer tells. Everything else
 * is read off it, decided or done.
 */
final class Papers
{
    private const KIT = 'kit';

    /**
     * @param  string  $plate  by which this one is told from others of the same number
     * @param  list<string>  $told  what the customer tells, in words
     */
    public static function of(Hidden $hidden, string $plate, array $told): Document
    {
        $whole = WholeWork::with(Builds::whole($hidden->build), $hidden->document);
        $all = Builds::written($whole);
        $changes = [];
        foreach (Subjects::dictionary()->all() as $field) {
            $given = self::isKnown($field) ? $all->get($field->path()) : null;
            if ($given !== null) {
                $changes[] = [$field->path(), $given];
            }
        }

        return Builds::written([])->withAll([
            ...$changes,
            [['units'], 'metric'],
            [['vehicle', 'plate'], $plate],
            [['complaint'], PracticeSentences::complaint($told)],
            ...isset($whole['limits']) ? [[['limits'], Builds::written($whole)->get(['limits'])]] : [],
        ]);
    }

    private static function isKnown(Field $field): bool
    {
        $nature = $field->nature();

        return $field->firstWord() !== self::KIT && ! Answers::isLookedUp($field) && match ($nature->origin) {
            Origin::Makers => true,
            Origin::Chosen => $nature->isLasting || self::isSinceFitted($field),
            default => false,
        };
    }

    /** How long the clutch has been in: the customer knows. */
    private static function isSinceFitted(Field $field): bool
    {
        return str_ends_with($field->key, '_since_fitted');
    }
}
