<?php

declare(strict_types=1);

namespace App\Page;

use Spindle\Proving\TestResult;

/** One round of a test, as it is read off the entries one after the other. */
final class ProvingRound
{
    public ?TestResult $result = null;

    public string $felt = '';

    public string $by = '';

    /** @var list<string> what was set, in words */
    public array $changed = [];

    public function sayWhatCame(int $number): string
    {
        return $this->result === null ? ''
            : "round {$number} ".lcfirst($this->result->label()).($this->felt === '' ? '' : " ({$this->felt})");
    }
}
