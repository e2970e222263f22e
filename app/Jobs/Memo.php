<?php

declare(strict_types=1);

namespace App\Jobs;

/** What was worked out of a job already: a page, its print and its standing ask for the same things. */
final class Memo
{
    /** @var array<string, mixed> */
    private array $known = [];

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function once(string $name, callable $work): mixed
    {
        return $this->known[$name] ??= $work();
    }
}
