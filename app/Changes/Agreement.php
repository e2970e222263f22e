<?php

declare(strict_types=1);

namespace App\Changes;

use App\Jobs\AssessedJob;
use App\Models\Waiver;

/** What somebody is asked to agree to, as it is shown and sent back whole: if any of it changed meanwhile, nobody agreed to it. */
final readonly class Agreement
{
    /**
     * @param  int  $asked  the row that asks
     * @param  string  $found  the finding in words
     * @param  int  $version  entries that the job has
     */
    public function __construct(
        public string $finding,
        public int $asked,
        public string $reason,
        public string $found,
        public int $version,
    ) {
    }

    public static function on(AssessedJob $page, Waiver $asked): self
    {
        return new self(
            $asked->finding, $asked->id, $asked->reason, $page->assessment->find($asked->finding)?->say($page->display) ?? '',
            $page->job->lastSeq(),
        );
    }

    public function isSameAs(self $other): bool
    {
        $plain = static fn (string $text): string => trim((string) preg_replace('/\s+/u', ' ', $text));

        return [$this->finding, $this->asked, $plain($this->reason), $plain($this->found), $this->version]
            === [$other->finding, $other->asked, $plain($other->reason), $plain($other->found), $other->version];
    }
}
