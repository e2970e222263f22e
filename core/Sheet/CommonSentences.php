<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Said;
use Spindle\Limit\Sentences;
use Spindle\Quantity\Display;

/** What is said of whatever subject. */
final class CommonSentences implements Sentences
{
    /**
     * @param  string  $topic  begins a sentence: "The release chain"
     * @param  string  $reason  what a formula said of what it was given; empty for a division by nothing
     */
    public static function unworkable(string $topic, string $reason): Said
    {
        return Said::as(__METHOD__, compact('topic', 'reason'), static fn (): string => "{$topic} cannot be worked out: "
            .($reason === '' ? 'the figures entered make a division by nothing' : rtrim(lcfirst($reason), '.'))
            .'. Check what was entered for it.');
    }

    /**
     * @param  Said  $said  what cannot be told yet, as the beginning of the sentence
     * @param  list<string>  $entries  what it waits for, as a sentence names it
     */
    public static function without(Said $said, array $entries): Said
    {
        return Said::as(__METHOD__, compact('said', 'entries'), static fn (Display $d): string => "{$said->in($d)} without "
            .implode(', ', $entries).'.');
    }
}
