<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Limits\OwnFaults;
use App\Limits\ShopBooks;
use App\Models\Job;
use App\Models\Reading;
use App\Models\SignedSheet;
use App\Store\Program;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Spindle\Assessment\Assessment;
use Spindle\Assessment\Subjects;
use Spindle\Sheet\JobSheet;

/**
 * What a job was read as and worked out to, kept with it by the write that changed it: a page of an unchanged job reads no entry and
 * assesses nothing. It counts only for just what it was made from: every row of the job, the shop's books, and this program.
 *
 * @phpstan-import-type Parts from JobSheet as SheetParts
 * @phpstan-import-type Rows from SignedJob as SignedRows
 *
 * @phpstan-type Kept array{sheet: JobSheet, assessment: Assessment, signed: SignedRows|null}
 */
final class KeptJob
{
    private const LEVEL = 1;

    /** What no sheet is made of: numbers of the store, and one worked out of what was typed. Rows just written may be without. */
    private const OF_THE_STORE = ['id' => true, 'clutch_job_id' => true, 'value' => true];

    private const BETWEEN = "\x1F";

    /** Of all that the sheet of a job and its assessment are made from. The job is whole. */
    public static function stamp(Job $job): string
    {
        return self::hash([Program::version(), ...$job->signedSheet === null
            ? [self::file($job), ShopBooks::now()->rows(), OwnFaults::state(), $job->kitChoice === null ? null : self::row($job->kitChoice)]
            : self::signed($job->signedSheet)]);
    }

    /** The same without the kit: of all that kits are held against. */
    public static function stampOfVehicle(Job $job): string
    {
        return self::hash([Program::version(), ...$job->signedSheet === null
            ? [self::file($job), ShopBooks::now()->rows(), OwnFaults::state()] : self::signed($job->signedSheet)]);
    }

    /** @return list<mixed> */
    private static function signed(SignedSheet $sheet): array
    {
        return [$sheet->json, $sheet->elsewhere];
    }

    /** @return list<mixed> */
    private static function file(Job $job): array
    {
        $rows = [$job->base_sheet, $job->units, $job->taken_in_at === null];
        foreach ([$job->readings, $job->waivers, $job->notes] as $entries) {
            foreach ($entries as $entry) {
                $rows[] = self::row($entry);
            }
        }

        return $rows;
    }

    /** A row as it stands in the store, whether it was just written or read from there. */
    private static function row(Model $row): string
    {
        static $columns = [];
        $given = $row->getAttributes();
        // Of these a job has hundreds, and each stands in the order of its table.
        if ($row instanceof Reading) {
            return implode(self::BETWEEN, array_diff_key($given, self::OF_THE_STORE));
        }
        $text = $row::class;
        foreach ($columns[$row::class] ??= array_diff($row->getFillable(), array_keys(self::OF_THE_STORE)) as $column) {
            $of = $given[$column] ?? null;
            $text .= self::BETWEEN.(is_bool($of) ? (int) $of : (is_scalar($of) ? $of : ''));
        }

        return $text;
    }

    /** @param  list<mixed>  $of */
    private static function hash(array $of): string
    {
        return hash('xxh128', serialize($of));
    }

    /**
     * @return Kept|null  nothing where there is none, or none of this
     */
    public static function find(Job $job, string $stamp): ?array
    {
        $data = DB::table('job_assessments')->where('clutch_job_id', $job->id)->where('stamp', $stamp)->value('data');
        $plain = is_string($data) ? @gzuncompress($data) : false;
        if ($plain === false) {
            return null;
        }
        try {
            $parts = unserialize($plain, ['allowed_classes' => self::valuesOfTheCore($plain)]);
            if (! is_array($parts) || ! is_array($parts['sheet'] ?? null)) {
                return null;
            }
            /** @var SheetParts $kept */
            $kept = $parts['sheet'];
            $sheet = JobSheet::again($kept, Subjects::dictionary());
            $assessment = Assessment::again($sheet, $parts);
        } catch (\Throwable) {
            // What was kept is none of ours: the job is read and worked out anew.
            return null;
        }

        /** @var SignedRows|null $signed */
        $signed = $parts['signed'] ?? null;

        return $assessment === null || ($signed === null) !== ($job->signedSheet === null) ? null
            : ['sheet' => $sheet, 'assessment' => $assessment, 'signed' => $signed];
    }

    /**
     * The classes of the core that something kept is made of. They are values: none of them does anything when it is made again, or let
     * go.
     *
     * @return list<string>
     */
    private static function valuesOfTheCore(string $kept): array
    {
        preg_match_all('/[OE]:\d+:"(Spindle\\\\[\w\\\\]+)/', $kept, $found);

        return [\stdClass::class, ...array_values(array_unique($found[1]))];
    }

    public static function keep(AssessedJob $job): void
    {
        $parts = ['sheet' => $job->sheet->parts(), 'signed' => $job->signedRows(), ...$job->assessment->parts()];
        DB::table('job_assessments')->upsert([[
            'clutch_job_id' => $job->job->id, 'stamp' => $job->stamp, 'data' => (string) gzcompress(serialize($parts), self::LEVEL),
        ]], ['clutch_job_id']);
    }
}
