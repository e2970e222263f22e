<?php

declare(strict_types=1);

namespace App\Drawings;

use Spindle\Quantity\Display;

/** A probability in words a page can stand by: never certainty, and no finer than judgement can be. */
final class Chance
{
    private const MOST = 0.95;

    private const LEAST = 0.01;

    public static function said(float $chance, Display $display): string
    {
        return match (true) {
            $chance > self::MOST => '> '.$display->percent(self::MOST),
            $chance < self::LEAST => '< '.$display->percent(self::LEAST),
            default => $display->percent($chance),
        };
    }
}
