<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Job;
use App\Models\Photo;
use App\Models\SignedSheet;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;

/** Checks every signed file against the hash noted when it was signed, and every photo against its own. */
final class VerifySheets extends Command
{
    protected $signature = 'sheets:verify';

    protected $description = 'Check every signed sheet and every photo against its hash';

    public function handle(): int
    {
        $altered = $checked = 0;
        /** @var SignedSheet $sheet */
        foreach (SignedSheet::query()->orderBy('id')->lazy(50) as $sheet) {
            $checked++;
            if (! $sheet->isWhole()) {
                $altered++;
                $this->error(
                    sprintf(
                        '%s: the stored file is not what %s signed on %s.',
                        $this->label($sheet->clutch_job_id),
                        $sheet->author(),
                        $sheet->at->toDateString(),
                    ),
                );
            }
        }
        /** @var Photo $photo */
        foreach (Photo::query()->orderBy('id')->lazy(200) as $photo) {
            $checked++;
            $bytes = Storage::disk('local')->get($photo->file);
            if ($bytes === null || ($photo->sha256 !== '' && hash('sha256', $bytes) !== $photo->sha256)) {
                $altered++;
                $this->error(
                    sprintf(
                        '%s: the photo “%s” is %s.',
                        $this->label($photo->clutch_job_id),
                        $photo->caption,
                        $bytes === null ? 'missing' : 'not the one that was kept',
                    ),
                );
            }
        }
        $this->info("{$checked} checked, {$altered} not as they were kept.");

        return $altered === 0 ? self::SUCCESS : self::FAILURE;
    }

    private function label(int $job): string
    {
        return Job::query()->find($job)?->label() ?? "job {$job}";
    }
}
