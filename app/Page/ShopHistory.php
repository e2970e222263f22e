<?php

declare(strict_types=1);

namespace App\Page;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Spindle\History\Area;
use Spindle\History\Spread;
use Spindle\Triage\Causes;
use Spindle\Triage\Outcome;

/**
 * What the shop's signed jobs say together: which kits last on which duty, what comes back, what was done twice, what it took, which limits
 * are met most often. Every figure has the numbers of its jobs; small numbers are said to be small.
 *
 * @phpstan-type Row array{what: string, count: int, lower: float, median: float, upper: float, isFew: bool, jobs: list<int>}
 */
final readonly class ShopHistory
{
    private const YEAR = 365.25 * 86400;

    private const HOUR = 3600;

    /** What is shown of each. */
    private const ROWS = 15;

    private const JOBS = 30;

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
    ) {
    }

    /** Worked out anew only when another job was signed; what is kept is what is shown. */
    public static function now(): self
    {
        $rows = DB::table('job_facts')->whereNotNull('signed_at');
        $state = "{$rows->count()}:{$rows->max('signed_at')}";
        $kept = Cache::get('shop-history');
        if (! is_array($kept) || ($kept['state'] ?? '') !== $state) {
            $groups = self::groups();
            $kept = ['state' => $state];
            foreach (['kits' => 1, 'causes' => 2, 'twice' => 1, 'hours' => 1, 'limits' => 1] as $kind => $least) {
                $kept[$kind] = self::rows($groups[$kind] ?? [], $least);
            }
            Cache::put('shop-history', $kept, self::HOUR * 24);
        }

        return new self((int) explode(':', $state)[0], $kept['kits'], $kept['causes'], $kept['twice'], $kept['hours'], $kept['limits']);
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
                ];
            }
        }
        usort($rows, static fn (array $a, array $b): int => $b['count'] <=> $a['count'] ?: strcmp($a['what'], $b['what']));

        return array_slice($rows, 0, self::ROWS);
    }

    /** @return array<string, array<string, list<array{int, float}>>> job and number, by kind and what it is of */
    private static function groups(): array
    {
        $groups = [];
        $put = static function (string $kind, string $what, int $job, float $number) use (&$groups): void {
            $groups[$kind][$what][] = [$job, $number];
        };
        $before = null;
        foreach (DB::table('job_facts')->whereNotNull('signed_at')->orderBy('vehicle_id')->orderBy('signed_at')->cursor() as $row) {
            $job = (int) $row->clutch_job_id;
            $causes = (array) json_decode((string) $row->causes, true);
            foreach (array_keys((array) json_decode((string) $row->marks, true)) as $finding) {
                $put('limits', (string) $finding, $job, 1.0);
            }
            if ($row->taken !== null && $row->planned > 0.0) {
                $kind = lcfirst(Outcome::tryFrom((string) $row->outcome)?->label() ?? 'not said');
                $put('hours', ucfirst("{$row->class}, {$kind}"), $job, $row->taken / $row->planned);
            }
            if ($before !== null && $before->vehicle_id === $row->vehicle_id) {
                self::sinceBefore($before, $row, $causes, $put);
            }
            $before = $row;
        }

        return $groups;
    }

    /**
     * @param  array<mixed>  $causes
     * @param  \Closure(string, string, int, float): void  $put
     */
    private static function sinceBefore(\stdClass $before, \stdClass $row, array $causes, \Closure $put): void
    {
        $job = (int) $row->clutch_job_id;
        $years = (strtotime((string) $row->signed_at) - strtotime((string) $before->signed_at)) / self::YEAR;
        if ($before->kit !== '' && $row->worn > 0.0 && $row->since > 0.0) {
            $put('kits', $before->kit.' · '.($row->duty ?? 'duty not said'), $job, $row->since / $row->worn);
        }
        $known = array_values(array_filter((array) json_decode((string) $before->causes, true), is_string(...)));
        foreach ($causes as $id) {
            $cause = is_string($id) ? Causes::all()[$id] ?? null : null;
            if ($cause === null) {
                continue;
            }
            if (Area::comesAgain($cause, $known)) {
                $put('causes', $cause->label, $job, $years);
            }
            if ($years < 1.0) {
                $put('twice', $cause->label, $job, $years * 12);
            }
        }
    }
}
