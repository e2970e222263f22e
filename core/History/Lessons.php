<?php

declare(strict_types=1);

namespace Spindle\History;

use Spindle\Triage\Causes;

/**
 * What jobs say together: which kits last on which duty, which faults come back, what is done twice, how plan and work compare, which
 * limits are met. Each number is that of one job; nothing is averaged here.
 */
final class Lessons
{
    private const YEAR = 365.25 * 86400;

    private const MONTHS = 12;

    /** What comes back sooner was not mended the first time: years. From memory [M]. */
    private const TOO_SOON = 1.0;

    /** km for a millimetre of lining, of a tractor hours; by kit and duty */
    public const KITS = 'kits';

    /** Years until a fault of the same kind came again; by cause. */
    public const CAUSES = 'causes';

    /** Months until the vehicle was in again, where that was within a year; by what was found then. */
    public const TWICE = 'twice';

    /** Hours taken for each one planned; by kind of job. */
    public const HOURS = 'hours';

    /** One for each job that met it; by finding. */
    public const LIMITS = 'limits';

    /** From so many on a row is worth showing: one fault that came again is bad luck, two are a lesson. From memory [M]. */
    public const LEAST = [self::KITS => 1, self::CAUSES => 2, self::TWICE => 1, self::HOURS => 1, self::LIMITS => 1];

    /**
     * @param  iterable<PastJob>  $jobs  vehicle by vehicle, the first of each first
     * @return array<string, array<string, list<array{int, float}>>> job and number, by kind and what it is of
     */
    public static function of(iterable $jobs): array
    {
        $lessons = [];
        $before = null;
        foreach ($jobs as $job) {
            $said = [...self::ofOne($job), ...($before?->vehicle === $job->vehicle ? self::sinceBefore($before, $job) : [])];
            foreach ($said as [$kind, $what, $number]) {
                $lessons[$kind][$what][] = [$job->id, $number];
            }
            $before = $job;
        }

        return $lessons;
    }

    /** @return list<array{string, string, float}> kind, what it is of, number */
    private static function ofOne(PastJob $job): array
    {
        $said = array_map(static fn (string $finding): array => [self::LIMITS, $finding, 1.0], $job->limits);
        if ($job->taken !== null && $job->planned > 0.0) {
            $kind = lcfirst($job->outcome?->label() ?? 'not said');
            $said[] = [self::HOURS, ucfirst("{$job->class}, {$kind}"), $job->taken / $job->planned];
        }

        return $said;
    }

    /** @return list<array{string, string, float}> */
    private static function sinceBefore(PastJob $before, PastJob $job): array
    {
        $said = [];
        $years = ($job->signed->getTimestamp() - $before->signed->getTimestamp()) / self::YEAR;
        // What wore is the kit that the job before put in.
        if ($before->kit !== '' && $job->worn > 0.0 && $job->since > 0.0) {
            $said[] = [self::KITS, $before->kit.' · '.($job->duty ?? 'duty not said'), $job->since / $job->worn];
        }
        foreach ($job->causes as $id) {
            $cause = Causes::all()[$id] ?? null;
            if ($cause !== null && FaultArea::comesAgain($cause, $before->causes)) {
                $said[] = [self::CAUSES, $cause->label, $years];
            }
            if ($cause !== null && $years < self::TOO_SOON) {
                $said[] = [self::TWICE, $cause->label, $years * self::MONTHS];
            }
        }

        return $said;
    }
}
