<?php

declare(strict_types=1);

namespace App\Page;

use Illuminate\Support\HtmlString;
use Spindle\Limit\Verdict;

/** The mark of a verdict, by shape as well as by colour. A page shows a hundred of them; in a view: @mark($verdict) */
final class Mark
{
    public static function of(Verdict|string $verdict): HtmlString
    {
        return new HtmlString(
            '<svg class="mark" viewBox="0 0 22 22" aria-hidden="true">'.
                match (is_string($verdict) ? Verdict::from($verdict) : $verdict) {
                    Verdict::Within => '<circle class="within" cx="11" cy="11" r="8.5"/>',
                    Verdict::Near => '<circle class="near-ring" cx="11" cy="11" r="7.75" fill="none" stroke-width="2"/><path '.
                        'class="near" d="M11 2.5a8.5 8.5 0 0 0 0 17z"/>',
                    Verdict::Out => '<path class="out" d="M3 3h11v5h5v11H3z"/>',
                    Verdict::Unmeasured => '<circle class="unmeasured" cx="11" cy="11" r="7.75" fill="none" stroke-width="2" '.
                        'stroke-dasharray="4 3.1"/>',
                    Verdict::NotApplicable => '<path class="na" d="M6 11h10" stroke-width="3" fill="none"/>',
                }.
                '</svg>',
        );
    }
}
