<?php

declare(strict_types=1);

namespace Spindle\Planning;

use Spindle\History\Spread;

/** What a task takes in this shop, once it was recorded often enough: the middle of its own jobs with their quarters. */
final class OwnHours
{
    /** Fewer jobs say nothing. Common practice, no source. */
    private const ENOUGH = 3;

    /**
     * Of the same model, else of the class; nothing where neither was recorded often enough.
     *
     * @param  list<float>  $ofModel  hours, one of each job
     * @param  list<float>  $ofClass
     */
    public static function of(array $ofModel, array $ofClass): ?ThreePoint
    {
        foreach ([$ofModel, $ofClass] as $hours) {
            $spread = count($hours) < self::ENOUGH ? null : Spread::of($hours);
            if ($spread !== null) {
                return ThreePoint::of($spread->lower, $spread->median, $spread->upper);
            }
        }

        return null;
    }
}
