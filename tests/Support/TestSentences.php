<?php

declare(strict_types=1);

namespace Tests\Support;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;

/** What findings of a test's own say. */
final class TestSentences implements Sentences
{
    public static function words(string $words): Said
    {
        return Said::as(__METHOD__, compact('words'), static fn (): string => $words);
    }
}
