<?php

declare(strict_types=1);

namespace App\Page;

use App\Jobs\ReaderLocale;
use App\Limits\LimitsBook;
use App\Models\Job;
use DateTimeImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Spindle\History\Lessons;
use Spindle\History\PastJob;
use Spindle\History\Spread;
use Spindle\Quantity\Display;
use Spindle\Triage\Outcome;

/**
 * What the shop's signed jobs say together: which kits last on which duty, what comes back, what was done twice, what it took, which limits
 * are met most often. Every figure has the numbers of its jobs; small numbers are said to be small.
 *
 * @phpstan-type Row array{what: string, count: int, lower: float, median: float, upper: float, isFew: bool, jobs: list<int>,
 *     values: list<float>}
 */
final readonly class ShopHistory
{
    private const HOUR = 3600;

    /** The length of the longest bar. */
    public const COUNTS = 520.0;

    /** What is shown of each. */
    private const ROWS = 15;

    private const JOBS = 30;

    /** How it is kept; another number makes what is kept be worked out anew. */
    private const KEPT_AS = 2;

    /**
     * @param  list<Row>  $kits  km for a millimetre of lining, by kit and duty
     * @param  list<Row>  $causes  jobs by cause that came again on the same vehicle
     * @param  list<Row>  $twice  done again within a year, by what was found then
     * @param  list<Row>  $hours  hours taken for each one planned, by kind of job
     * @param  list<Row>  $limits
     */
    private function __construct(
        public int $jobs,
        public array $kits,
        public array $causes,
        public array $twice,
        public array $hours,
        public array $limits,
        private Display $display,
        private string $toAny,
    ) {
    }

    /** Worked out anew only when another job was signed; what is kept is what is shown. */
    public static function now(): self
    {
        $rows = DB::table('job_facts')->whereNotNull('signed_at');
        $state = "{$rows->count()}:{$rows->max('signed_at')}:".self::KEPT_AS;
        $kept = Cache::get('shop-history');
        if (! is_array($kept) || ($kept['state'] ?? '') !== $state) {
            $lessons = Lessons::of(self::jobs());
            $kept = ['state' => $state];
            foreach (Lessons::LEAST as $kind => $least) {
                $kept[$kind] = self::rows($lessons[$kind] ?? [], $least);
            }
            Cache::put('shop-history', $kept, self::HOUR * 24);
        }

        return new self(
            (int) explode(':', $state)[0], $kept['kits'], $kept['causes'], $kept['twice'], $kept['hours'], $kept['limits'],
            ReaderLocale::display(), JobLinks::toAny(),
        );
    }

    /**
     * @param  array<string, list<array{int, float}>>  $groups
     * @return list<Row> the largest first
     */
    private static function rows(array $groups, int $least): array
    {
        $rows = [];
        foreach ($groups as $what => $entries) {
            $spread = count($entries) < $least ? null : Spread::of(array_column($entries, 1));
            if ($spread !== null) {
                $rows[] = [
                    'what' => $what, 'count' => $spread->count, 'lower' => $spread->lower, 'median' => $spread->median,
                    'upper' => $spread->upper, 'isFew' => $spread->isFew(),
                    'jobs' => array_slice(array_column($entries, 0), -self::JOBS),
                    'values' => array_slice(array_column($entries, 1), -self::JOBS),
                ];
            }
        }
        usort($rows, static fn (array $a, array $b): int => $b['count'] <=> $a['count'] ?: strcmp($a['what'], $b['what']));

        return array_slice($rows, 0, self::ROWS);
    }

    /** @return \Generator<PastJob> vehicle by vehicle, the first of each first */
    private static function jobs(): \Generator
    {
        $names = static fn (mixed $json): array => array_values(array_filter((array) json_decode((string) $json, true), is_string(...)));
        foreach (DB::table('job_facts')->whereNotNull('signed_at')->orderBy('vehicle_id')->orderBy('signed_at')->cursor() as $row) {
            yield new PastJob(
                (int) $row->clutch_job_id, (int) $row->vehicle_id, new DateTimeImmutable((string) $row->signed_at), (string) $row->class,
                Outcome::tryFrom((string) $row->outcome), (string) $row->kit, $row->duty, $row->since, $row->worn, $row->planned,
                $row->taken, $names($row->causes), array_map(strval(...), array_keys((array) json_decode((string) $row->marks, true))),
            );
        }
    }

    /** What a limit is called. */
    public function limit(string $name): string
    {
        return LimitsBook::nameOf($name);
    }

    /** How a job is called. */
    public function job(int $id): string
    {
        return Job::numbered($id);
    }

    public function addressOf(int $job): string
    {
        return $this->toAny.$job;
    }

    /** @param  int  $decimals  fewer than none rounds to tens, hundreds */
    public function number(float $value, int $decimals): string
    {
        return $this->display->number(round($value, $decimals), max(0, $decimals));
    }

    /**
     * How long the bar of a row is, the longest being COUNTS.
     *
     * @param  Row  $row
     * @param  list<Row>  $rows
     */
    public function bar(array $row, array $rows): float
    {
        return round(self::COUNTS * $row['count'] / max(1, ...array_column($rows, 'count')), 1);
    }
}
