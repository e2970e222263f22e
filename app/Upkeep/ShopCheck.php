<?php

declare(strict_types=1);

namespace App\Upkeep;

use App\Audit\AuditEntry;
use App\Audit\LogTopic;
use App\Jobs\AssessedJob;
use App\Jobs\JobCannotBeShown;
use App\Limits\ShopKnowledge;
use App\Models\Job;
use App\Models\Photo;
use App\Models\SignedSheet;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** Whether what is kept is still what was kept: the database, every signed file, every photo, and who can read the files. */
final class ShopCheck
{
    /** A file is written before the row that names it; one younger than this may still get its row. */
    private const YOUNG_MINUTES = 60;

    /** Hours after which the newest backup is old. */
    private const BACKUP_HOURS = 48;

    /** Parts of the database that are told one by one. */
    private const MOST_OF_SHAPE = 12;

    public int $checked = 0;

    /** @return list<string> what is not as it should be, in words; empty when all is well */
    public function problems(bool $showEach = false): array
    {
        return [
            ...$this->database(), ...$this->sheets(), ...$this->photos(), ...$this->strays(), ...$this->secrets(), ...$this->backups(),
            ...$showEach ? $this->jobs() : [],
        ];
    }

    /** Deletes files that no row names. @return int how many */
    public function tidy(): int
    {
        $strays = $this->strayFiles();
        Storage::disk('local')->delete($strays);

        return count($strays);
    }

    /** @return list<string> */
    private function database(): array
    {
        $said = array_map(static fn (object $row): string => implode(' ', (array) $row), DB::select('pragma integrity_check'));
        $dangling = DB::select('pragma foreign_key_check');
        $shape = Shape::differences();
        $this->checked += 3;

        return [
            ...array_map(static fn (string $s): string => "database: {$s}.", array_values(array_diff($said, ['ok']))),
            ...array_map(static fn (string $what, int $n): string => "{$what}: {$n} texts cannot be shown as they are stored; php artisan "
                .'text:mend.', array_keys($unreadable = MendText::missing()), $unreadable),
            ...array_map(static fn (string $s): string => "database: {$s}.", array_slice($shape, 0, self::MOST_OF_SHAPE)),
            ...count($shape) > self::MOST_OF_SHAPE ? ['database: '.count($shape).' parts are not of this version; php artisan migrate.']
                : [],
            ...$shape === [] ? [...Rebuild::missing(), ...ShopKnowledge::unusable()] : [],
            ...$dangling === [] ? []
                : ['database: '.count($dangling)." rows name something that is not there, first in {$dangling[0]->table}."],
        ];
    }

    /** @return list<string> */
    private function sheets(): array
    {
        $problems = [];
        /** @var SignedSheet $sheet */
        foreach (SignedSheet::query()->orderBy('id')->lazy(50) as $sheet) {
            $this->checked++;
            if (! $sheet->isWhole()) {
                $problems[] = sprintf('%s: the stored file is not what %s signed on %s.', Job::numbered($sheet->clutch_job_id),
                    $sheet->author(), $sheet->at->toDateString());
            } elseif (! $this->isInLog($sheet)) {
                $problems[] = sprintf('%s: the log has another hash for what was signed on %s.', Job::numbered($sheet->clutch_job_id),
                    $sheet->at->toDateString());
            }
        }

        return $problems;
    }

    /** Whether the log of what happened has the same hash; what was signed before there was a log is not in it. */
    private function isInLog(SignedSheet $sheet): bool
    {
        $noted = AuditEntry::about(Job::class, [$sheet->clutch_job_id])
            ->filter(static fn (AuditEntry $e): bool => $e->topic() === LogTopic::Signing)
            ->map(static fn (AuditEntry $e): string => $e->fact('sha256'))
            // An early version of the log did not keep it.
            ->filter(static fn (string $hash): bool => $hash !== '');
        $signed = $sheet->sha256_as_signed === '' ? $sheet->sha256 : $sheet->sha256_as_signed;

        return $noted->isEmpty() || $noted->contains($signed);
    }

    /** @return list<string> */
    private function photos(): array
    {
        $problems = [];
        /** @var Photo $photo */
        foreach (Photo::query()->orderBy('id')->lazy(200) as $photo) {
            $this->checked++;
            $path = Storage::disk('local')->path($photo->file);
            $isThere = preg_match(Photo::NAMED, $photo->file) === 1 && is_file($path);
            if (! $isThere || ($photo->sha256 !== '' && hash_file('sha256', $path) !== $photo->sha256)) {
                $problems[] = sprintf('%s: the photo “%s” is %s.', Job::numbered($photo->clutch_job_id), $photo->caption,
                    $isThere ? 'not the one that was kept' : 'missing');
            }
        }

        return $problems;
    }

    /** @return list<string> */
    private function strays(): array
    {
        return array_map(static fn (string $file): string => "{$file}: no job names this file; --tidy deletes it.", $this->strayFiles());
    }

    /** @return list<string> */
    private function strayFiles(): array
    {
        $disk = Storage::disk('local');
        $named = array_flip(DB::table('photos')->pluck('file')->all());
        $young = now()->subMinutes(self::YOUNG_MINUTES)->getTimestamp();

        return array_values(array_filter(
            $disk->files('photos'),
            static fn (string $file): bool => ! isset($named[$file]) && $disk->lastModified($file) < $young,
        ));
    }

    /** @return list<string> files with secrets in them that others than their owner can read */
    private function secrets(): array
    {
        $files = [app()->environmentFilePath(), app()->getCachedConfigPath(), (string) DB::connection()->getConfig('database'),
            (string) config('database.connections.sessions.database'), ...Backup::all((string) config('spindle.backups'))];
        $problems = [];
        foreach (array_filter($files, is_file(...)) as $file) {
            $this->checked++;
            if ((fileperms($file) & 0007) !== 0) {
                $problems[] = sprintf('%s: everybody on this machine can read it (%o); chmod 600 %s.', basename($file),
                    fileperms($file) & 0777, $file);
            }
        }

        return $problems;
    }

    /** @return list<string> */
    private function backups(): array
    {
        $newest = self::newestBackup();

        return match (true) {
            config('spindle.demo') === true => [],
            $newest === null => ['backups: there is none yet in '.config('spindle.backups').'.'],
            self::isOld($newest) => ['backups: the newest is of '.$newest->toDateTimeString().'.'],
            default => [],
        };
    }

    /** Whether a backup is older than it should be, or there is none. */
    public static function isOld(?Carbon $newest): bool
    {
        return $newest === null || $newest->lt(now()->subHours(self::BACKUP_HOURS));
    }

    public static function newestBackup(): ?Carbon
    {
        $all = Backup::all((string) config('spindle.backups'));

        return $all === [] ? null : Carbon::createFromTimestamp((int) filemtime($all[count($all) - 1]));
    }

    /** @return list<string> */
    private function jobs(): array
    {
        $problems = [];
        foreach (Job::query()->orderBy('id')->pluck('id') as $id) {
            $this->checked++;
            try {
                AssessedJob::of(Job::whole((int) $id));
            } catch (JobCannotBeShown $e) {
                $problems[] = Job::numbered((int) $id).": cannot be shown: {$e->getMessage()}";
            }
        }

        return $problems;
    }
}
