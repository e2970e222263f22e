<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use Spindle\JobSheet\Station;

/** Where the entries of a job are sent and looked up. A page asks for hundreds of these, so each pattern is worked out once. */
final class JobLinks
{
    private const ANY_FIELD = 'any-field';

    /** @var array<string, string> */
    private array $stores = [];

    private ?string $history = null;

    public function __construct(private readonly Job $job)
    {
    }

    public function storeAt(Station $station): string
    {
        return $this->stores[$station->value] ??= route('station.store', [$this->job, $station->value]);
    }

    public function history(string $field): string
    {
        return str_replace(self::ANY_FIELD, $field, $this->history ??= route('job.history', [$this->job, self::ANY_FIELD]));
    }
}
