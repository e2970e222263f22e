<?php

declare(strict_types=1);

namespace Spindle\Planning;

/** What a task takes in this shop, once it was recorded often enough: its own jobs, with their spread as it is. */
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
            if (count($hours) >= self::ENOUGH) {
                return ThreePoint::seen($hours);
            }
        }

        return null;
    }
}
