<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use Spindle\Sheet\SheetError;
use Spindle\Triage\Causes;
use Spindle\Triage\Diagnosis;
use Spindle\Triage\Evidence;
use Spindle\Triage\OwnCases;
use Spindle\Triage\Signs;
use Spindle\Triage\Situation;
use Spindle\Triage\SolvedCase;
use Spindle\Triage\Tests;
use Spindle\Vehicle\Actuation;
use Spindle\Vehicle\FlywheelKind;
use Spindle\Vehicle\VehicleClass;

/*
 * A shop learns from its own jobs. Proved by simulation: shops whose faults come and show themselves otherwise than the table says, and
 * shops that are as the table says, over ten seeds. The shops are invented; the arithmetic is Bayes' with the table as so many cases.
 */

/** A shop as it truly is: how common its faults are, and how often each sign and test shows with them. */
final readonly class TrueShop
{
    /**
     * @param  array<string, float>  $common  by cause
     * @param  array<string, array<string, float>>  $shows  by cause and evidence
     */
    private function __construct(private Randomizer $random, private Situation $situation, private array $common, private array $shows)
    {
    }

    /** @param  bool  $differs  its faults differ from the table, in how common they are and in how they show */
    public static function of(int $seed, bool $differs): self
    {
        $random = new Randomizer(new Mt19937($seed));
        $situation = new Situation(VehicleClass::Car, Actuation::Slave, FlywheelKind::Solid, isTwoStage: false);
        $unit = static fn (): float => $random->getInt(0, 0xFFFFFF) / 0x1000000;
        $common = $shows = [];
        foreach (array_filter(Causes::all(), $situation->allows(...)) as $id => $cause) {
            // Thirty times as common, or as rare, as the table has it at the outside.
            $common[$id] = $situation->weight($cause) * ($differs ? exp(3.5 * (2 * $unit() - 1)) : 1.0);
            foreach ([...array_keys(Signs::all()), ...array_keys(Tests::all())] as $evidence) {
                $table = Evidence::likelihood($cause, $evidence, true);
                // With every second of its signs it shows as often as it likes.
                $shows[$id][$evidence] = $differs && $table > 0.2 && $unit() < 0.5 ? 0.9 * $unit() : $table;
            }
        }

        return new self($random, $situation, $common, $shows);
    }

    private function unit(): float
    {
        return $this->random->getInt(0, 0xFFFFFF) / 0x1000000;
    }

    /** One job: a fault, the signs the customer tells of, and two tests. */
    public function job(): SolvedCase
    {
        $at = $this->unit() * array_sum($this->common);
        $cause = (string) array_key_last($this->common);
        foreach ($this->common as $id => $weight) {
            $at -= $weight;
            if ($at <= 0.0) {
                $cause = $id;
                break;
            }
        }
        $signs = array_values(array_filter(
            array_keys(Signs::all()),
            fn (string $sign): bool => $this->situation->heeds($sign) && $this->unit() < $this->shows[$cause][$sign],
        ));
        $tests = [];
        $possible = array_keys(array_filter(Tests::all(), fn ($t): bool => $t->suits($this->situation)));
        foreach ($this->random->pickArrayKeys(array_flip($possible), 2) as $test) {
            $tests[$test] = $this->unit() < $this->shows[$cause][$test];
        }

        return new SolvedCase(VehicleClass::Car, $cause, new Evidence($signs, $tests));
    }

    /** How many of so many jobs are named right at once. */
    public function right(int $jobs, OwnCases $own): float
    {
        $right = 0;
        for ($i = 0; $i < $jobs; $i++) {
            $job = $this->job();
            $right += (int) (Diagnosis::of($this->situation, $job->evidence, null, $own)->likeliest()->id === $job->cause);
        }

        return $right / $jobs;
    }

    /** @return list<SolvedCase> */
    public function jobs(int $jobs): array
    {
        return array_map(fn (): SolvedCase => $this->job(), range(1, $jobs));
    }
}

/** @return array{float, float} named right by the table alone, and after 300 signed jobs */
function beforeAndAfter(int $seed, bool $differs): array
{
    $own = OwnCases::of(TrueShop::of($seed, $differs)->jobs(300));
    // The same four hundred jobs for both, and none of those learned from.
    $fresh = static function (OwnCases $cases) use ($seed, $differs): float {
        $shop = TrueShop::of($seed, $differs);
        $shop->jobs(300);

        return $shop->right(400, $cases);
    };

    return [$fresh(OwnCases::none()), $fresh($own)];
}

it('learns from three hundred jobs of a shop that differs from the table, and costs next to nothing in one that does not', function () {
    $lines = [];
    foreach ([true, false] as $differs) {
        $gains = [];
        for ($seed = 1; $seed <= 10; $seed++) {
            [$table, $own] = beforeAndAfter($seed, $differs);
            $gains[$seed] = [$table, $own - $table];
        }
        $lines[] = ($differs ? 'differs: ' : 'matches: ').implode(', ', array_map(
            static fn (array $g): string => sprintf('%.0f %+.1f', 100 * $g[0], 100 * $g[1]), $gains,
        ));
        $weak = array_filter($gains, static fn (array $g): bool => $g[0] < 0.8);
        $mean = array_sum(array_column($differs ? $weak : $gains, 1)) / max(1, count($differs ? $weak : $gains));
        $differs ? expect(count($weak))->toBeGreaterThan(4)->and($mean)->toBeGreaterThanOrEqual(0.10)
            : expect($mean)->toBeGreaterThanOrEqual(-0.01);
    }
    fwrite(STDERR, "\n".implode("\n", $lines)."\n");
});

it('moves little by a few jobs and much by many', function () {
    $situation = new Situation(VehicleClass::Car, Actuation::Slave);
    $case = new SolvedCase(VehicleClass::Car, 'pilot', new Evidence(['judder']));
    $chance = static fn (int $jobs): float => Diagnosis::of(
        $situation, new Evidence(['judder']), null, OwnCases::of(array_fill(0, $jobs, $case)),
    )->chanceOf('pilot');

    expect($chance(1))->toBeGreaterThan($chance(0))->toBeLessThan($chance(0) + 0.15)->and($chance(200))->toBeGreaterThan(0.5)
        // Of another class nothing is common yet; how the fault shows is the same.
        ->and(OwnCases::of([$case])->shares(['pilot' => 1.0, 'air' => 1.0], VehicleClass::Truck))->toBe(['pilot' => 0.5, 'air' => 0.5])
        ->and(OwnCases::of([$case])->seen('pilot', 'judder'))->toBe([1, 1])
        ->and(OwnCases::of([$case])->seen('pilot', 'spongy'))->toBe([0, 1])
        ->and(OwnCases::of([$case])->seen('pilot', 't_leak'))->toBe([0, 0]);
});

it('comes out of a sheet as it went in, and refuses what cannot be counted', function () {
    $own = OwnCases::of([new SolvedCase(VehicleClass::Van, 'air', new Evidence(['spongy'], ['t_leak' => false]))]);
    expect(OwnCases::read(json_decode((string) json_encode($own->section(all: true)))))->toEqual($own)
        ->and(fn () => OwnCases::read(json_decode('{"causes": {"air": {"cases": 1, "seen": {"spongy": [3, 2]}}}}')))
        ->toThrow(SheetError::class, 'own_cases.causes.air.seen.spongy')
        ->and(fn () => OwnCases::read((object) ['weight' => 0]))->toThrow(SheetError::class)
        ->and(OwnCases::none()->section())->toBeNull();
});
