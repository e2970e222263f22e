<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Changes\WriteStanding;
use App\Models\Job;
use App\Models\JobStanding;
use Illuminate\Console\Command;

/** Works out anew what the lists show of each job: after an upgrade, or when a list is doubted. */
final class RebuildStandings extends Command
{
    protected $signature = 'standings:rebuild {--missing : only jobs that have none}';

    protected $description = 'Work out anew what each job stands at';

    public function handle(): int
    {
        $jobs = Job::query()
            ->when($this->option('missing') === true, static fn ($query) => $query->whereDoesntHave('standing'))
            ->orderBy('id')
            ->pluck('id');
        foreach ($jobs as $id) {
            WriteStanding::anew((int) $id);
        }
        $broken = JobStanding::query()->where('broken', '!=', '')->count();
        $this->info("{$jobs->count()} worked out; {$broken} cannot be shown.");

        return self::SUCCESS;
    }
}
