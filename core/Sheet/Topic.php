<?php

declare(strict_types=1);

namespace Spindle\Sheet;

use Spindle\Limit\Finding;

/** What a judgement is about, for when it cannot be worked out. */
final readonly class Topic
{
    /**
     * @param  string  $id  begins with the word that tells its station: "release.chain"
     * @param  string  $label  begins a sentence: "The release chain"
     */
    public function __construct(public string $id, private string $label)
    {
    }

    /** In place of a judgement, when a formula refused what it was given. Never a pass. */
    public function unworkable(\Throwable $why): Finding
    {
        return Finding::unmeasured(
            "{$this->id}.unworkable",
            CommonSentences::unworkable($this->label, $why instanceof \ArithmeticError ? '' : $why->getMessage()),
        );
    }
}
