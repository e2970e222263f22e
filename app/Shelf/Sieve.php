<?php

declare(strict_types=1);

namespace App\Shelf;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Spindle\Capacity\CarryCase;
use Spindle\Capacity\ClaimedRating;
use Spindle\Capacity\RatingSchool;
use Spindle\Kit\Fit\ReleaseDirectionCheck;
use Spindle\Kit\Fit\SplineDiameterCheck;
use Spindle\Quantity\Length;
use Spindle\Sheet\JobSheet;
use Spindle\Vehicle\VehicleClass;

/**
 * Holds back, in the database, kits that are out by what its columns say; whoever passes is judged by the core. A kit that does not say
 * passes. What is held back here the core holds out as well, and a test compares the two.
 */
final readonly class Sieve
{
    private const ROUNDING = 1e-6;

    /** @param  list<array{string, string, list<scalar>}>  $keeps  why a kit is held back, what it must be to pass, values */
    private function __construct(private array $keeps, private ?float $leastTorque, private bool $addsDiscs)
    {
    }

    public static function of(JobSheet $sheet, CarryCase $case): self
    {
        $engine = $case->engine?->peak->value;
        $least = $case->margin?->min?->value;
        // A claim that is believed may lie a little above what the lining gives.
        $claim = $case->school === RatingSchool::Claim ? 1 + ClaimedRating::CLOSE : 1.0;

        return new self(
            [...self::build($sheet), ...self::shaft($sheet), ...self::flywheel($sheet)],
            $engine === null || $least === null ? null : $engine * $least / $claim * (1 - self::ROUNDING),
            ! $sheet->isTwoStage(),
        );
    }

    /** @return list<array{string, string, list<scalar>}> */
    private static function build(JobSheet $sheet): array
    {
        $class = $sheet->vehicleClass();
        $stages = $sheet->values->word('vehicle.stages');
        $keeps = [];
        if ($class !== null) {
            $keeps[] = ['made for another class of vehicle', "for_{$class->value} = ?", [true]];
        }
        if ($class === VehicleClass::Tractor && $stages !== null) {
            $keeps[] = ['another number of stages', '(stages is null or stages = ?)', [$stages]];
        } elseif ($class === VehicleClass::Car || $class === VehicleClass::Van) {
            $keeps[] = ['another number of stages', '(stages is null or stages <> ?)', ['two']];
        } elseif ($class === VehicleClass::Truck && ($sheet->isTwinDisc() || $sheet->values->word('vehicle.discs') === 'one')) {
            $keeps[] = ['another number of discs', '(discs is null or discs = ?)', [$sheet->isTwinDisc() ? 2 : 1]];
        }
        $way = ReleaseDirectionCheck::known($sheet);
        if ($way !== null) {
            $keeps[] = ["not a {$way}-type cover", '(release_way is null or release_way = ?)', [$way]];
        }

        return $keeps;
    }

    /** @return list<array{string, string, list<scalar>}> */
    private static function shaft(JobSheet $sheet): array
    {
        $count = $sheet->values->count('vehicle.spline_count');
        $over = $sheet->values->one(Length::class, 'vehicle.spline_diameter')?->value;
        $by = SplineDiameterCheck::TOLERANCE + self::ROUNDING;

        return [
            ...($count === null ? [] : [['another number of splines', '(spline_count is null or spline_count = ?)', [$count]]]),
            ...($over === null ? [] : [[
                'splines of another size', '(spline_diameter is null or spline_diameter between ? and ?)', [$over - $by, $over + $by],
            ]]),
        ];
    }

    /** @return list<array{string, string, list<scalar>}> */
    private static function flywheel(JobSheet $sheet): array
    {
        $face = $sheet->values->one(Length::class, 'vehicle.friction_outer')?->value;

        return [
            ...($face === null ? [] : [[
                'too large for the friction face', '(brings_flywheel = ? or lining_outer is null or lining_outer <= ?)',
                [true, $face + self::ROUNDING],
            ]]),
        ];
    }

    /** Kits of which nothing in the columns speaks against putting them in. */
    public function passing(Builder $kits): Builder
    {
        foreach ($this->keeps as [, $keep, $values]) {
            $kits->whereRaw($keep, $values);
        }

        return $kits;
    }

    /** Of those, the ones that carry enough by their columns, or the others; nothing is parted while it is not known what is enough. */
    public function carrying(Builder $kits, bool $enough): Builder
    {
        $torque = $this->torque();

        return match (true) {
            $this->leastTorque === null => $enough ? $kits->whereRaw('1 = 0') : $kits,
            $enough => $kits->whereRaw("{$torque} >= cast(? as real)", [$this->leastTorque]),
            default => $kits->whereRaw("(torque_one is null or {$torque} < cast(? as real))", [$this->leastTorque]),
        };
    }

    /** What passes, each row with the word whether it carries `enough` by its columns. */
    public function marked(Builder $kits): Builder
    {
        return $this->leastTorque === null
            ? $this->passing($kits)->selectRaw('0 as enough')
            : $this->passing($kits)->selectRaw("{$this->torque()} >= cast(? as real) as enough", [$this->leastTorque]);
    }

    /** A value held against a product of columns has no type of its own; told none, a database compares it as text. */
    private function torque(): string
    {
        return $this->addsDiscs ? 'torque_one * coalesce(discs, 1)' : 'torque_one';
    }

    /**
     * Kits that one thing alone holds back, those that carry enough first.
     *
     * @return list<int> numbers of their rows
     */
    public function heldByOne(Builder $kits, int $most): array
    {
        if ($this->keeps === []) {
            return [];
        }
        $counted = implode(' + ', array_map(static fn (array $k): string => "(case when not {$k[1]} then 1 else 0 end)", $this->keeps));
        $kits->whereRaw("{$counted} = 1", array_merge(...array_map(static fn (array $k): array => $k[2], $this->keeps)));
        if ($this->leastTorque !== null) {
            $kits->orderByRaw("coalesce({$this->torque()} >= cast(? as real), 0) desc", [$this->leastTorque]);
        }

        return array_values(array_map(intval(...), $kits->orderBy('kits.id')->limit($most)->pluck('kits.id')->all()));
    }

    /**
     * How many kits are held back, each counted under the first reason.
     *
     * @return array<string, int> by reason, the most first
     */
    public function heldBack(Builder $kits): array
    {
        if ($this->keeps === []) {
            return [];
        }
        $cases = implode(' ', array_map(static fn (array $k): string => "when not {$k[1]} then ?", $this->keeps));
        $values = array_merge(...array_map(static fn (array $k): array => [...$k[2], $k[0]], $this->keeps));
        /** @var array<string, int> $counts */
        $counts = DB::query()
            ->fromSub($kits->selectRaw("case {$cases} else '' end as reason", $values), 'sieved')
            ->selectRaw('reason, count(*) as times')
            ->groupBy('reason')
            ->pluck('times', 'reason')
            ->all();
        unset($counts['']);
        arsort($counts);

        return $counts;
    }
}
