<?php

declare(strict_types=1);

namespace App\Limits;

use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Spindle\Triage\Evidence;
use Spindle\Triage\OwnCases;
use Spindle\Triage\SolvedCase;
use Spindle\Vehicle\VehicleClass;

/** What this shop's own signed jobs say of faults and how they show, beside the table: switched off, weighed and begun anew by the lead. */
final class OwnFaults
{
    /** "on" no, "weight" so many cases that the table counts for, "since" the day from which jobs count. */
    public const LEARNING = 'learning';

    private const SECONDS = 86_400;

    public static function isOn(): bool
    {
        return self::said('on') !== 'no';
    }

    public static function weight(): float
    {
        $weight = self::said('weight');

        return is_numeric($weight) && (float) $weight >= 1.0 ? (float) $weight : OwnCases::WEIGHT;
    }

    /** The day from which jobs count; empty where all do. */
    public static function since(): string
    {
        return self::said('since');
    }

    private static function said(string $name): string
    {
        return ShopBooks::now()->value(self::LEARNING, $name);
    }

    /** Of all jobs that count. */
    public static function cases(): OwnCases
    {
        return OwnCases::of(self::solved(), self::weight());
    }

    /** As a sheet holds it: what differs from the table by more than chance; nothing while it is off, or no job says anything. */
    public static function section(): ?\stdClass
    {
        return ShopBooks::now()->remembered('own faults', static function (): array {
            if (! self::isOn() || str_starts_with(self::state(), '0:')) {
                return [null];
            }
            $known = Cache::get('own faults');
            $state = self::state().':'.self::weight().':'.self::since();
            if (! is_array($known) || ($known['state'] ?? '') !== $state) {
                $known = ['state' => $state, 'cases' => json_encode(self::cases()->section(), JSON_THROW_ON_ERROR)];
                Cache::put('own faults', $known, self::SECONDS);
            }

            return [json_decode((string) $known['cases'], false, 16, JSON_THROW_ON_ERROR)];
        })[0];
    }

    /** By what an assessment tells whether what was learned is still the same. */
    public static function state(): string
    {
        return ShopBooks::now()->remembered('state of own faults', static function (): string {
            // With every page of a job, of an index alone.
            $state = DB::scalar(
                "select count(*) || ':' || coalesce(max(signed_at), '') from job_facts where solved_cause is not null",
            );

            return is_string($state) ? $state : '';
        });
    }

    /** @return iterable<SolvedCase> */
    private static function solved(): iterable
    {
        $since = self::since();
        $rows = DB::table('job_facts')->whereNotNull('solved_cause')->whereNotNull('signed_at')
            ->when($since !== '', static fn ($q) => $q->where('signed_at', '>=', $since))->select(['class', 'solved_cause', 'solved']);
        foreach ($rows->cursor() as $row) {
            $said = json_decode((string) $row->solved, true);
            $signs = is_array($said) && is_array($said['signs'] ?? null) ? array_filter($said['signs'], is_string(...)) : [];
            $tests = is_array($said) && is_array($said['tests'] ?? null) ? array_filter($said['tests'], is_bool(...)) : [];
            yield new SolvedCase(
                VehicleClass::tryFrom((string) $row->class), (string) $row->solved_cause, new Evidence(array_values($signs), $tests),
            );
        }
    }
}
