<?php

declare(strict_types=1);

namespace App\Bench;

/** What was worked out of a bench already: a page, its print and its standing ask for the same things. */
final class BenchMemo
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
