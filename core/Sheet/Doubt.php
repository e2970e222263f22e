<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Quantity\Display;
use Spindle\Quantity\Quantity;
use Spindle\Quantity\Ratio;

/** That only the uncertainty of a figure keeps a verdict from being plain, and the reading that decides. */
final readonly class Doubt
{
    /** @param  string  $reading  the name of the reading that decides, as a sentence has it */
    public function __construct(public Quantity $uncertainty, public string $reading)
    {
    }

    /** A sentence of its own, behind another; empty where there is no doubt. */
    public static function said(?self $doubt, Display $display): string
    {
        if ($doubt === null) {
            return '';
        }
        // One digit of a doubt is worth having.
        $known = $doubt->uncertainty instanceof Ratio
            ? $display->percent($doubt->uncertainty->value, 1)
            : $display->quantity($doubt->uncertainty, 10 ** floor(log10($doubt->uncertainty->value)));

        return " It is known to ± {$known}; {$doubt->reading} decides: measure it again, more finely.";
    }
}
