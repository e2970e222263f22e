<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Store\InTurn;
use Closure;
use PDOException;

/**
 * What had to be worked out for a page is kept once the page has gone out, so that the next one need not: after a change of what all jobs
 * are judged by, or of the program. A write that changes a job keeps it by itself.
 */
final class KeptLater
{
    /** Pages that look at more jobs than this keep the first of them. */
    private const MOST = 40;

    /** @var list<AssessedJob> */
    private array $pages = [];

    /** @param  Closure(Closure(): void): mixed  $afterwards  how something is done once the answer has gone out */
    public function __construct(private readonly Closure $afterwards)
    {
    }

    public function add(AssessedJob $page): void
    {
        if ($this->pages === []) {
            ($this->afterwards)($this->keep(...));
        }
        if (count($this->pages) < self::MOST) {
            $this->pages[] = $page;
        }
    }

    private function keep(): void
    {
        [$pages, $this->pages] = [$this->pages, []];
        if ($pages === []) {
            return;
        }
        try {
            InTurn::do(static fn () => array_map(KeptJob::keep(...), $pages));
        } catch (PDOException) {
            // Somebody else has the turn to write: the next page works it out and keeps it.
        }
    }
}
